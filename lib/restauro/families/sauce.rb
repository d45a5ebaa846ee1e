module Restauro
  module Families
    # Sauces thickened with flour or starch. Master metric: flour-equivalents.
    class Sauce
      %w[Becomes Blended Body Cautions Choice Comparison Cooking Cooling CoursePoint Declarations Emulsion
         EmulsionSteps Event Finish Formula Grade Lines LookFors LumpRisk Method OnToast Options Picture
         PlateTest Prediction Reduction Report Rescue Roux SlurryLine SlurrySteps Solver Splits StoveSteps StoveWords
         Swap SwapDraft Swapper Traits Unmeasured WithoutLiquid].each do |name|
        autoload name.to_sym, "restauro/families/sauce/#{name.gsub(/(?<!^)([A-Z])/, '_\1').downcase}"
      end

      THICKENER_ROLES = %w[flour starch binder].freeze

      include Declarations

      attr_reader :catalogue

      def initialize(catalogue)
        @catalogue = catalogue
        @water = catalogue.fetch("water")
        freeze
      end

      # @return [Recipes::Recipe] flours, starches and gums in the role of thickener
      def read(recipe)
        lines = recipe.lines.map do |line|
          THICKENER_ROLES.include?(line.role) && thickens?(line) ? line.with(role: "thickener") : line
        end
        recipe.with(lines: lines)
      end

      # @return [Options]   @raise [InvalidInput]
      def options(**choices) = Options.new(**choices)
      # @param text [String] "t=60 add 20 butter"   @return [Event]   @raise [InvalidInput]
      def event(text) = Event.parse(text, catalogue)

      # @param recipe [Recipes::Recipe]   @param options [Options]   @return [Prediction]   @raise [InvalidInput]
      def predict(recipe, options)
        recipe = read(recipe)
        formula = Formula.from(recipe, catalogue, school: options.school, colour: options.colour)
        WithoutLiquid.refuse(recipe) unless formula.poured_g.positive?

        Prediction.new(recipe, Cooking.new(formula, options.sized(formula.liquid.value), water: @water), water: @water)
      end

      # What to do with a sauce that came out otherwise.   @param observed [Float] e   @param target [Float] e
      # @return [Rescue::Result]   @raise [InvalidInput]
      def rescue(recipe, options, observed:, target:)
        starch = Choice.new(catalogue, Diets::Exclusion.of(options.without, catalogue)).rescuer
        Rescue.new(self, recipe, options, observed: observed, target: target, starch: starch).result
      end

      # Flour-equivalents from a plate test of this sauce.   @param radius_mm [Float]   @return [Estimate]
      def read_plate(recipe, radius_mm)
        base = Formula.from(read(recipe), catalogue).base_viscosity(@water)
        PlateTest.flour_equivalents(radius_mm, base: base)
      end

      # @return [Swap]   @raise [InvalidInput]
      def swap(recipe, options)
        return swap_of_cream(recipe, options) if Reduction.cream?(read(recipe), options, catalogue)

        options, suits = Becomes.applied(options, catalogue)
        wheat, said = on_a_heat_that_works(recipe, options.with_choices(school: nil, target: nil))
        swapper = Swapper.new(catalogue)
        swap =
          keep?(wheat.recipe, options) ? swapper.keep(wheat.recipe, options, wheat: wheat) :
                                         swapper.swap(wheat.recipe, options, wheat: wheat)
        swap.with(warnings: [said, *swap.warnings, suits].compact.freeze)
      end

      # Whether there is nothing to swap, and nothing else was asked for.
      def keep?(recipe, options)
        lines = recipe.ingredients.select { |line| line.role == "thickener" && line.counted? }
        exclusion = Diets::Exclusion.of(options.without, catalogue)
        # Nothing thickens it, and no line is missing or unread that could: it is as it is.
        return false if lines.empty? && unread?(recipe)

        lines.all? { |line| exclusion.allows?(catalogue.fetch(line.ingredient)) } && options.with.empty? &&
          options.target.nil? && options.school.nil?
      end

      # @param swap [Swap]   @return [Array<Step>] in working order
      def steps(swap) = Method.new(swap, catalogue).steps
      # @return [Array<String>] what to look for, moment by moment
      def look_fors(swap) = LookFors.of(swap.ours)
      # @return [Hash] the numbers that its pictures draw
      def picture(swap) = Picture.new(swap).to_h
      # @param result [Prediction, Swap]   @return [Hash] in the command line's fixed words
      def report(result)
        report = Report.new(self, catalogue)
        result.is_a?(Swap) ? report.swap(result) : report.prediction(result)
      end

      private

      # Boiled down until it coats; one that never does is left as it is.
      def swap_of_cream(recipe, options)
        swap(recipe, Reduction.of_cream(read(recipe), options, catalogue))
      rescue InvalidInput
        Swapper.new(catalogue).keep(read(recipe), options, wheat: predict(recipe, options))
      end

      def unread?(recipe)
        lines = recipe.ingredients
        !tomatoes?(recipe) && (lines.length < 2 || !lines.all?(&:understood))
      end

      # Out of a jar or a tin: thick by themselves.
      def tomatoes?(recipe) =
        recipe.ingredients.any? && recipe.ingredients.all? { |line| line.ingredient == "tomato_passata" && line.grams }

      HEATS = %w[low medium medium_high high].freeze
      private_constant :HEATS

      # On a heat where it boils and does not boil dry: else nothing can be solved for.
      # @return [Array(Prediction, Warning or nil)]
      def on_a_heat_that_works(recipe, options)
        first = predict(recipe, options)
        return [first, nil] if Emulsion.of?(recipe)
        return [first, nil] unless first.stop && options.events.empty? && options.watts.nil?

        other = (HEATS - [options.heat]).lazy.map { |heat| predict(recipe, options.with_choices(heat: heat)) }
          .find { |found| found.stop.nil? } or
          return [first, nil]
        words = first.stop == :boiling_dry ? "boils dry" : "never gets to the boil"
        [other, Warning.new(code: :heat_changed,
                            text: "on #{options.heat.tr("_", "-")} this much #{words}: worked out on " \
                                  "#{other.options.heat.tr("_", "-")}")]
      end

      def thickens?(line) =
        line.ingredient && (catalogue.fetch(line.ingredient).thickens? || line.ingredient == Body::GUM)
    end
  end
end
