module Restauro
  module Families
    class Batter
      # Grams of the main liquid by balance: free = ratio held. Where that leaves too little, the flour is cut instead.
      class Balance
        # @param flour_g [Float] g of what is replaced
        # @param kept [Boolean] whether wheat's own thickness is the target
        def initialize(catalogue, wheat, flour_g:, kept:)
          @catalogue = catalogue
          @wheat = wheat
          @flour_g = flour_g
          @kept = kept
        end

        # @param draft [Draft] whose flours are in   @param target [Float] g/g
        # @return [Draft] with the liquid for that ratio
        # @raise [InvalidInput] no liquid, or too much water without any flour
        def of(draft, target)
          liquid = draft.main_liquid
          return draft if set_by_eggs? || (liquid.nil? && (grated? || whipped?))
          raise InvalidInput, "no liquid was read to thin the batter with; type such as '300 ml milk'" unless liquid

          ingredient = @catalogue.fetch(liquid.ingredient)
          missing = target * Hydration::WaterRatio.held(draft.weights) - Hydration::WaterRatio.free(draft.weights)
          each = Hydration::WaterRatio.free_share(ingredient) - target * ingredient.hold_g_per_g
          grams = liquid.grams.value + missing / each
          least = Constants.fetch(:batter, :least_liquid_share) * liquid.grams.value
          grams >= least ? draft.weigh(liquid, grams) : less_flour(draft.weigh(liquid, least), target)
        end

        private

        # Grated vegetables and egg, or what is bound into patties, bring all the water there is: flour for flour.
        def grated?
          lines = @wheat.recipe.ingredients
          bound = %w[fritter patty].include?(@wheat.style) || lines.any? { |line| line.role == "egg" }
          @kept && bound && lines.any? { |line| watery?(line) }
        end

        # Whites whipped and folded in are all the water of a coat that holds by its eggs.
        def whipped? = @kept && @wheat.recipe.ingredients.any? { |line| Recipes::PartedEggs.line?(line) }

        def watery?(line)
          return true if line.ingredient && %w[vegetable puree].include?(@catalogue.fetch(line.ingredient).group)

          line.role == "other" && line.grams && line.grams.value >= @flour_g
        end

        # Set by its eggs as much as by its flour: its milk stays as it is.
        def set_by_eggs? = @kept && @wheat.style == "baked"

        # The flour for the water there is.
        def less_flour(draft, target)
          held = draft.fresh_flours.sum { |line| @catalogue.fetch(line.ingredient).hold_g_per_g * line.grams.value }
          other = Hydration::WaterRatio.held(draft.weights) - held
          wanted = Hydration::WaterRatio.free(draft.weights) / target - other
          unless wanted.positive?
            raise InvalidInput, "this is wetter than the target without any flour: choose a thinner target"
          end

          draft.fresh_flours.reduce(draft) { |all, line| all.weigh(line, line.grams.value * wanted / held) }
        end
      end
    end
  end
end
