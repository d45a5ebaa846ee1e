module Restauro
  module Hydration
    # Free water over held water: what makes a dough firm and a batter run.
    #   free = sum(g water free_fraction) + 0.6 (added sugar), held = sum(g hold), ratio = free/held
    module WaterRatio
      SUGARS = "sugar".freeze

      module_function

      # @param parts [Array<Array(Ingredient, Float)>] ingredient and grams
      # @return [Float, nil] nil when hardly anything holds water
      def of(parts)
        held = held(parts)
        held < Constants.fetch(:hydration, :least_held) ? nil : free(parts) / held
      end

      # @return [Float] g
      def free(parts)
        parts.sum(0.0) { |ingredient, grams| free_share(ingredient) * grams }
      end

      # @return [Float] g
      def held(parts) = parts.sum(0.0) { |ingredient, grams| ingredient.hold_g_per_g * grams }

      # Free water in a gram. A purée binds water by its solids; sugar added dry makes its own share of syrup.
      def free_share(ingredient)
        water = ingredient.water_pct / 100
        return [0.0, water - bound(ingredient) * (1 - water)].max if ingredient.group == "puree"
        if ingredient.group == SUGARS
          return water + Constants.fetch(:hydration, :sugar_free_share) * ingredient.sugar_pct / 100
        end

        water * ingredient.free_water_fraction
      end

      # @return [Float] g/g of water that a purée holds
      def bound(puree) = Constants.fetch(:hydration, :"bound_#{puree.key}")

      # The ratio with its band: amounts and holds as independent errors.
      # @param parts [Array<Array(Ingredient, Estimate)>]   @return [Estimate, nil]
      def estimate(parts)
        value = of(parts.map { |ingredient, grams| [ingredient, grams.value] }) or return
        free = Estimate.sum(parts.map { |ingredient, grams| grams * free_share(ingredient) })
        held =
          Estimate.sum(
            parts.map { |ingredient, grams| (grams * ingredient.hold_g_per_g).widen(hold_share(ingredient)) }
          )
        Estimate.new(value: value, low: value, high: value).widen(
          Math.hypot(free.low_share, held.high_share),
          Math.hypot(free.high_share, held.low_share)
        )
      end

      # How far off the hold of this kind of ingredient may be, as a share.
      def hold_share(ingredient)
        kind = ingredient.key == "wheat_flour" ? :hold_wheat : :"hold_#{ingredient.group}"
        Constants.table(:hydration).fetch(kind) { Constants.entry(:hydration, :hold_other) }.value
      end
    end
  end
end
