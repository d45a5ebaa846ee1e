module Restauro
  module Families
    class Sauce
      # What is in the pan, sorted by what it does: liquids, bodies (all that thickens), and how the thickener is kept
      # apart (school).
      class Formula
        # ingredient Ingredient · grams Estimate g · line the Line it came from, or nil · power share of its power that
        # browning leaves it
        Part = Struct.new(:ingredient, :grams, :line, :power) do
          def initialize(ingredient, grams, line, power = 1.0) = super.freeze

          # What a fruit gives up to the pan.   @return [Float] g
          def juice_g =
            if ingredient.group == "fruit"
              grams.value * ingredient.free_water_fraction * ingredient.water_pct / 100
            else
              0.0
            end
        end

        attr_reader :parts, :school, :slurry_water_g, :slurry_line, :colour

        # @param recipe [Recipes::Recipe] with sauce roles   @param school [String, nil] nil to detect
        # @param colour [String, nil] of a roux; nil for what the recipe's steps say
        def self.from(recipe, catalogue, school: nil, colour: nil)
          parts =
            recipe
              .ingredients
              .select { |line| line.counted? && !line.inside? }
              .map { |line| Part.new(catalogue.fetch(line.ingredient), line.grams, line) }
          school ||= detect_school(recipe, parts)
          colour = school == "roux" ? colour || Roux.colour_in(recipe) : "white"
          new(parts.map { |part| browned(part, colour) }, school: school, colour: colour)
        end

        # Flour that is stirred apart in something cold, and then poured in.
        SLURRY = DataFiles.words("families/sauce/words.yml").fetch(:slurry)
        private_constant :SLURRY

        # Thickeners that go into the fat brown with it.
        def self.browned(part, colour)
          return part unless part.line.role == "thickener"

          Part.new(part.ingredient, part.grams, part.line, Roux.browns?(part.ingredient) ? Roux.power(colour) : 1.0)
        end
        private_class_method :browned

        # Fat and flour make a roux, unless a line speaks of a slurry; starch alone, or no fat, a slurry.
        def self.detect_school(recipe, parts)
          return "slurry" if recipe.lines.any? { |line| line.text.match?(SLURRY) }
          if recipe.lines.any? { |line| line.text.match?(/\broux\b/i) } && parts.any? { |part| part.line.role == "fat" }
            return "roux"
          end

          parts.any? { |part| part.line.role == "fat" } && parts.any? { |part| roux?(part) } ? "roux" : "slurry"
        end

        def self.roux?(part) = part.line.role == "thickener" && !Cooking.late?(part.ingredient)

        def initialize(parts, school:, colour: "white")
          @parts = parts.freeze
          @school = school
          @colour = colour
          @slurry_line = school == "slurry" ? SlurryLine.of(@parts) : nil
          @slurry_water_g = slurry_water
          freeze
        end

        # @return [Array<Part>] what is poured
        def liquids = parts.select { |part| part.line.role == "liquid" }
        # @return [Array<Part>] what thickens
        def thickeners = parts.select { |part| part.line.role == "thickener" }
        # @return [Array<Part>] what is fat
        def fats = parts.select { |part| part.line.role == "fat" }
        # Everything that gives body: starches, gums, eggs, cheese.
        def bodies = parts.select { |part| Body.counts?(part) }
        def thickened? = bodies.any? { |part| part.grams.value.positive? }

        # What starches and flours would come to, all swollen: no eggs, cheese or gums in it.   @return [Float] g/100 g
        def starch_e
          total = liquid.value
          return 0.0 if total.zero?

          100 * thickeners.sum { |part| part.grams.value * part.ingredient.thick_power * part.power } / total
        end

        # Liquid in the pan before any slurry goes in, the juice of fruit in it.   @return [Float] g
        def poured_g =
          liquids.reject { |part| part.line.equal?(slurry_line) }.sum(0.0) { |part| part.grams.value } + juice_g
        # @return [Float] g of water that fruit gives up
        def juice_g = parts.sum(0.0, &:juice_g)
        # All liquid, juice and the slurry's own water in it.   @return [Estimate] g
        def liquid =
          Estimate.sum(
            [
              *liquids.map(&:grams),
              Estimate.new(value: juice_g),
              *(slurry_line ? [] : [Estimate.new(value: slurry_water_g)])
            ]
          )

        # Share of the liquids' volume that is fat: what a cream thickens by when it is boiled down.
        def fat_volume_share
          total = liquids.sum(0.0) { |part| part.grams.value }
          return 0.0 if total.zero?

          liquids.sum(0.0) { |part| part.grams.value * part.ingredient.fat_pct / 100 } /
            Constants.fetch(:sauce, :fat_density) / total
        end

        # The viscosity of the liquid itself at 60 C, by weight; where the table has none, water's.
        # @return [Float] Pa s
        def base_viscosity(water)
          total = liquids.sum { |part| part.grams.value }
          return water.eta_60c_pa_s if total.zero?

          liquids.sum { |part| part.grams.value * (part.ingredient.eta_60c_pa_s || water.eta_60c_pa_s) } / total
        end

        # Grams of cold water the school's slurry needs for this much thickener; a flour is whisked into the liquid
        # itself.
        def self.water_for(ingredient, grams)
          return 0.0 unless Cooking.late?(ingredient)

          grams * Constants.fetch(:sauce, ingredient.group == "starch" ? :slurry_water_starch : :slurry_water_flour)
        end

        private

        def slurry_water
          return 0.0 unless school == "slurry"
          return slurry_line_grams if slurry_line

          thickeners.sum(0.0) { |part| Formula.water_for(part.ingredient, part.grams.value) }
        end

        def slurry_line_grams = parts.find { |part| part.line.equal?(slurry_line) }.grams.value
      end
    end
  end
end
