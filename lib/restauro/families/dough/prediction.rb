module Restauro
  module Families
    class Dough
      # What a dough will be: how wet, how far it stretches, what pieces it makes and how they boil.
      class Prediction
        BALLS = %w[round spooned].freeze
        SO_MANY = DataFiles.words("families/dough/shapes.yml").fetch(:so_many_balls)
        FILLED = DataFiles.words("families/dough/shapes.yml").fetch(:filled)
        EXTRUDED = DataFiles.words("families/dough/shapes.yml").fetch(:extruded)
        SHEETS = DataFiles.words("families/dough/shapes.yml").fetch(:sheets)
        PUSHED = DataFiles.words("families/dough/shapes.yml").fetch(:pushed)
        SPOONED = DataFiles.words("families/dough/shapes.yml").fetch(:spooned)
        THUMBED = DataFiles.words("families/dough/shapes.yml").fetch(:thumbed)
        STRINGS = DataFiles.words("families/dough/shapes.yml").fetch(:strings)
        ROUND = DataFiles.words("families/dough/shapes.yml").fetch(:round)
        DUMPLING = DataFiles.words("families/dough/shapes.yml").fetch(:dumpling)
        attr_reader :recipe, :options, :contents, :ratio, :stretch, :plan, :boiling, :balls

        # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]   @param options [Options]
        # @param balls [Integer, nil] how many it makes, where the wheat's own recipe told it
        def initialize(recipe, catalogue, options, balls: nil)
          @recipe = recipe
          @balls = balls || balls_told
          @catalogue = catalogue
          @options = options.shaped(told_shape(options))
          @contents = Contents.new(recipe, catalogue, options)
          told = usual_balls? && (around_each_mm || as_many_as_told_mm)
          @options = @options.with_choices(rope_mm: told) if told
          @ratio = contents.ratio
          @stretch = Hydration::Stretch.of(weights)
          @plan =
            (
              if grams.positive?
                Shaping::Plan.of(@options, grams: grams, density: raw_density)
              end
            )
          @boiling = plan&.pieces&.positive? ? Boiling.new(self) : nil
          freeze
        end

        # @return [Array<Array(Ingredient, Float)>] g of each
        def weights = contents.weights
        # @return [Float] g of the dough
        def grams = weights.sum(0.0, &:last)
        # @return [Float] g of flour and starch in it
        def flour_g = Hydration::Stretch.flour_g(weights)
        # @return [Hydration::Rung, nil]
        def rung = Hydration::Rung.of(ratio&.value)
        # @return [Float] of gluten's stretch
        def stretch_needed = Hydration::Stretch.needed(options.shape, options.thickness_mm)
        # @return [Float, nil] mm; nil for what is no sheet
        def thinnest_mm =
          %w[rolled filled sheets].include?(options.shape) ? Hydration::Stretch.thinnest_mm(stretch) : nil
        # Raw flour makes most of it.
        def floury? = grams.positive? && flour_g / grams > Constants.fetch(:dough, :floury_share)
        def filled? = options.shape == "filled"
        def egg? = recipe.ingredients.any? { |line| line.role == "egg" }

        # @return [Float] g, weighed by the cook or read from the filling's own lines; 0 where there is none
        def filling_g = options.filling_g || Recipes::Parts.filling(recipe).filter_map(&:grams).sum(0.0, &:value)

        # Filling in each piece: an even share, no more than it holds.   @return [Float, nil] g
        def filling_each_g
          return unless plan&.pieces&.positive?
          return (filling_g / plan.pieces if filling_g.positive?) if options.shape == "round"
          return unless filled?

          [filling_g.zero? ? filling_most_g : filling_g / plan.pieces, filling_most_g].min
        end

        # @return [Float] g that one piece holds
        def filling_most_g = Shaping::Filling.grams(options.cutter_mm, rounds_each: plan.rounds_each)
        # The ring that leaves neither dough nor filling over.   @return [Integer, nil] mm
        def matching_ring_mm
          return unless filled? && plan && filling_g.positive?

          Shaping::Filling.ring_for(filling_g, plan.sheets, rounds_each: plan.rounds_each)
        end

        # @return [Heat::Food] of the dough
        def food
          @food ||= Heat::Food.mixed(weights, gas_fraction: Constants.fetch(:boil, :gas_fraction))
        end

        # @return [Array<Warning>] of its lines and of itself
        def warnings = recipe.warnings + Cautions.of(self)

        private

        def usual_balls? =
          BALLS.include?(@options.shape) && @options.rope_mm == Options.usual(:"#{@options.shape}_mm")

        # As many as a step rolls or drops.   @return [Integer, nil]
        def balls_told
          told = recipe.steps.lazy.filter_map { |line| SO_MANY.match(line.text)&.captures&.compact&.first }.first.to_i
          told if told.positive?
        end

        # Balls of all the dough.   @return [Float, nil] mm
        def as_many_as_told_mm
          return unless balls && grams.positive?

          wide = Shaping::Plan.ball_mm(1e6 * grams / raw_density / balls)
          wide if wide.between?(*%i[least_ball_mm most_mm].map { |name| Constants.fetch(:dough, name) })
        end

        # Balls of all the dough, one around each fruit.   @return [Float, nil] mm
        def around_each_mm
          return unless options.shape == "round" && grams.positive?

          count = Recipes::Parts.filling(recipe).filter_map { |line| Heat::PieceLine.how_many(line) }.first
          count&.positive? ? Shaping::Plan.ball_mm(1e6 * grams / raw_density / count) : nil
        end

        def raw_density = food.density(Constants.fetch(:boil, :start_celsius))

        def told_shape(options)
          words = recipe.lines.select(&:words?).map(&:text).join("\n")
          return told_gnocchi(words) if options.family == "gnocchi"
          return "sheets" if words.match?(SHEETS)
          return "filled" if Recipes::Parts.filling(recipe).any? || words.match?(FILLED)
          return "extruded" if words.match?(EXTRUDED)
          return "thumbed" if words.match?(THUMBED)
          return "strings" if words.match?(STRINGS)

          words.match?(DUMPLING) ? "dumpling" : "rolled"
        end

        # Pushed through holes, dropped by the spoon where there is flour and no root, else rolled to a rope.
        def told_gnocchi(words)
          return "pushed" if words.match?(PUSHED)
          return "round" if recipe.title.to_s.match?(ROUND)

          contents = Contents.new(recipe, @catalogue, options)
          mass = contents.weights.sum do |ingredient, g|
            Contents.mash(ingredient.key) || ingredient.group == "curd" ? g : 0.0
          end
          words.match?(SPOONED) && mass < Hydration::Stretch.flour_g(contents.weights) / 2 ? "spooned" : "dumpling"
        end
      end
    end
  end
end
