module Restauro
  module Families
    class Sauce
      # No thickener at all: the liquid is boiled down until it is as thick as asked for. A cream thickens by its own
      # fat; milk and stock hardly do.
      class Reduction
        BAKES, BOILS_DOWN = DataFiles.words("dishes/words.yml").values_at(:bakes, :boils_down)
        MELTS = DataFiles.words("dishes/words.yml").fetch(:melts_in_cream)
        private_constant :BAKES, :BOILS_DOWN, :MELTS

        # A sauce of cream that nothing thickens is boiled down until it coats, as it always is, whoever eats; in the
        # oven it thickens by itself.
        def self.cream?(recipe, options, catalogue)
          options.school.nil? && options.target.nil? && options.with.empty? &&
            recipe.ingredients.none? { |line| line.role == "thickener" } && !thickens_by_itself?(recipe) &&
            main_fat_pct(recipe, catalogue) >= Constants.fetch(:sauce, :reducing_cream_pct)
        end

        # In the oven, or with as much cheese or chocolate as makes a sauce of cream.
        def self.thickens_by_itself?(recipe)
          grams = ->(lines) { lines.sum { |line| line.grams&.value.to_f } }
          melting = recipe.ingredients.select { |line| line.role == "cheese" || line.text.match?(MELTS) }
          poured = recipe.ingredients.select { |line| line.role == "liquid" }
          thickens_in_the_oven?(recipe) || grams[melting] > Constants.fetch(:sauce, :melting_share) * grams[poured]
        end

        def self.thickens_in_the_oven?(recipe)
          words = recipe.lines.select(&:words?)
          words.any? { |line| line.text.match?(BAKES) } && words.none? { |line| line.text.match?(BOILS_DOWN) }
        end
        private_class_method :thickens_in_the_oven?, :thickens_by_itself?

        # @return [Options]
        def self.of_cream(recipe, options, catalogue)
          coats = main_fat_pct(recipe, catalogue) >= Constants.fetch(:sauce, :coating_cream_pct)
          options.with_choices(school: "reduction", target: coats ? "medium" : "thin")
        end

        # @return [Float] % of fat in the liquid that is the most of it: two spoons of cream thicken no milk
        def self.main_fat_pct(recipe, catalogue)
          liquids = recipe.ingredients.select { |line| line.role == "liquid" && line.counted? }
          most = liquids.max_by { |line| line.grams.value } or return 0.0
          catalogue.fetch(most.ingredient).fat_pct.to_f
        end

        # @param draft [SwapDraft] of the school reduction   @param options [Options]
        def initialize(draft, options, water:)
          @draft = draft
          @options = options
          @water = water
          freeze
        end

        # @param target [Float] e
        # @return [Array(Array, Prediction)] the draft's pairs, and the sauce boiled down for as long as it takes
        # @raise [InvalidInput] when this liquid never gets that thick
        def solve(target)
          pairs = @draft.pairs([], [])
          aim = Physics::Viscosity.pa_s(target, celsius: Constants.fetch(:sauce, :viscosity_celsius), base: 0.0)
          longest = predict(pairs, Constants.fetch(:sauce, :rescue_longest_seconds))
          seconds = longest.boil_seconds && reached(longest, aim) or raise InvalidInput, too_thin
          [pairs, predict(pairs, seconds - longest.boil_seconds)]
        end

        private

        def predict(pairs, simmer_s)
          recipe = @draft.recipe(pairs)
          options = @options.with_choices(simmer_s: simmer_s)
          Prediction.new(
            recipe,
            Cooking.new(Formula.from(recipe, @draft.catalogue, school: "reduction"), options, water: @water),
            water: @water
          )
        end

        # When the sauce, put on a 60 C plate, would be thick enough: between two points of the course by bisection,
        # since it runs away at the end.
        # @return [Float, nil] s
        def reached(prediction, aim)
          points =
            prediction.course.select { |point| point.flour_equivalents && point.seconds >= prediction.boil_seconds }
          before, after =
            points
              .each_cons(2)
              .find { |_, later| thickness(prediction, later.flour_equivalents, later.liquid_grams) >= aim }
          return unless after

          low, high = 0.0, 1.0
          30.times do
            middle = (low + high) / 2
            liquid = before.liquid_grams + middle * (after.liquid_grams - before.liquid_grams)
            thickness(prediction, after.flour_equivalents, liquid) < aim ? low = middle : high = middle
          end
          before.seconds + high * (after.seconds - before.seconds)
        end

        def thickness(prediction, e, liquid_g)
          prediction.viscosity_of(e, Constants.fetch(:sauce, :viscosity_celsius), liquid_g: liquid_g) - prediction.thin
        end

        def too_thin
          "this liquid does not get that thick by boiling down: it takes cream (a third fat or more), or a thinner target; else choose roux or slurry"
        end
      end
    end
  end
end
