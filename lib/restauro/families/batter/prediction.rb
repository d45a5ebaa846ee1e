module Restauro
  module Families
    class Batter
      # What a batter will be: its water ratio with its band, how it flows, rises, coats and cooks.
      class Prediction
        include Coated

        attr_reader :recipe, :options, :parts, :ratio, :gas, :style, :section

        # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]   @param options [Options]
        # @param style [String, nil] what it is for, where the wheat's own recipe told it
        def initialize(recipe, catalogue, options, style: nil)
          @recipe = recipe
          @options = with_piece(options, catalogue)
          @parts =
            recipe.ingredients.select(&:counted?).reject { |line| line.to_fry_in? || line.before_a_batter? }
                  .map { |line| [catalogue.fetch(line.ingredient), line.grams] }.freeze
          @ratio = Hydration::WaterRatio.estimate(parts)
          @gas = Lift::Gas.of(weights)
          @style = style || (swims? ? "coating" : style_by_itself)
          @section = cook
          freeze
        end

        # @return [Array<Array(Ingredient, Float)>] g of each
        def weights = parts.map { |ingredient, grams| [ingredient, grams.value] }
        # @return [Hydration::Rung, nil]
        def rung = Hydration::Rung.of(ratio&.value)
        # @return [Float] g of all that counts
        def grams = weights.sum(0.0, &:last)
        # @return [Float] g of water that its flours hold
        def held_g = Hydration::WaterRatio.held(weights)
        # @return [Estimate, nil] Pa s at 50 1/s; the wetter the thinner
        def viscosity
          return if ratio.nil? || ratio.low <= 0

          low, value, high = [ratio.high, ratio.value, ratio.low].map { |r| Hydration::Batter.viscosity_pa_s(r) }
          Estimate.new(low: low, value: value, high: high)
        end
        # Whether it is cooked piece by piece, whose thickness is asked for.
        def by_the_piece? = %w[coating fritter patty].include?(style)
        # Whether it is shared among the cups of a tin.
        def in_cups? = %w[muffin pudding].include?(style)
        # @return [Float] share of its weight
        def water_share = weights.sum { |ingredient, g| ingredient.water_pct / 100 * g } / grams

        # What stays on the piece.   @return [Float, nil] m
        def coat_m
          piece = options.piece or return
          # A patty is all of one stuff.
          return 0.0 if style == "patty"
          return unless viscosity

          Hydration::Batter.film_m(viscosity.value, height_m: piece.shape == :slab ? slice_height_m : piece.thickness_m)
        end

        # Of spoonfuls, as many as there is of it all.   @return [Array(Integer, Float), nil] count and m2
        def pieces
          return super unless whole? && options.piece

          count = [(recipe.ingredients.select(&:grams).sum { |line| line.grams.value } / piece_g).round, 1].max
          [count, count * options.piece.size.last]
        end

        # @return [Float, nil] g of one piece
        def piece_g = whole? && options.piece ? Constants.fetch(:batter, :spoonful_g) : super

        # @return [Float, nil] kg/m2 of wet coat
        def coat_kg_m2 = coat_m && coat_m * Constants.fetch(:hydration, :batter_density)
        # @return [Float, nil] kg/m2 of water in it
        def coat_water_kg_m2 = coat_m && coat_kg_m2 * water_share

        def egg? = weights.any? { |ingredient, _| ingredient.group == "egg" }
        # Dry gas to the flour that has to hold it.   @return [Float, nil] mL at 100 C for each 100 g
        def gas_ml_per_100g_flour
          flour = Lift::Gas.flour(weights)
          flour.zero? ? nil : 100 * Lift::Gas.millilitres(gas.moles) / flour
        end

        # Stretch that the flours and binders bring, of what gluten did.
        def stretch = [Hydration::Stretch.of_binders(weights), 1.0].min

        # @return [Array<Warning>] of its lines and of itself
        def warnings = recipe.warnings + Cautions.of(self)

        private

        # Fritters and patties are pieces of their own: nothing is dipped.
        def whole? = %w[fritter patty].include?(style)
        # In deep fat nothing is a muffin: a batter by itself is there to be dipped in.
        def swims? = !@options.oil.nil? && style_by_itself == "muffin"
        def style_by_itself = Style.of(recipe, ratio&.value, gas.ml_per_100g, fruity: fruity?)
        # More fruit than flour.
        def fruity? = weights.sum { |ingredient, g| ingredient.group == "fruit" ? g : 0.0 } > Lift::Gas.flour(weights)
        def slice_height_m = Constants.fetch(:batter, :slice_height_mm) / 1000
      end
    end
  end
end
