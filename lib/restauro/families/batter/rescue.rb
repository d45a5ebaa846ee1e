module Restauro
  module Families
    class Batter
      # What to do with a batter that is thicker or thinner than it should be: by balance of its water.
      module Rescue
        # kind dilute or thicken · ingredient · grams · text · lands_at ratio
        Move = Value.of(:kind, :ingredient, :grams, :text, :lands_at)

        module_function

        # The batter as it was seen: as much free water as that ratio has, whatever was weighed.
        # @param swap [Swap]   @param observed [Float] ratio seen   @param catalogue [Catalogue]   @return [Array<Move>]
        def moves(swap, observed, catalogue)
          held = swap.ours.held_g
          free = observed * held
          return [] if (observed / swap.target - 1).abs <= Constants.fetch(:batter, :as_wet)

          [observed < swap.target ? dilute(swap, held, free, catalogue) : thicken(swap, held, free, catalogue)]
        end

        # @return [Move] liquid to add, in g   @param held, free [Float] g of water
        def dilute(swap, held, free, catalogue)
          liquid = catalogue.fetch(swap.liquid.ingredient)
          grams =
            (
              (swap.target * held - free) /
                (Hydration::WaterRatio.free_share(liquid) - swap.target * liquid.hold_g_per_g)
            ).round
          millilitres = (grams / (liquid.density || 1.0)).round
          Move.new(
            kind: "dilute",
            ingredient: liquid,
            grams: grams,
            text: "Whisk in #{millilitres} mL #{liquid.say} (#{grams} g), a little at a time.",
            lands_at: (free + grams * Hydration::WaterRatio.free_share(liquid)) / (held + grams * liquid.hold_g_per_g)
          )
        end

        # @return [Move] flour to add, in g   @param held, free [Float] g of water
        def thicken(swap, held, free, catalogue)
          flour = catalogue.fetch(swap.flours.max_by { |line| line.grams.value }.ingredient)
          grams =
            (
              (free - swap.target * held) / (swap.target * flour.hold_g_per_g - Hydration::WaterRatio.free_share(flour))
            ).round
          Move.new(
            kind: "thicken",
            ingredient: flour,
            grams: grams,
            text: "Whisk in #{grams} g #{flour.say}, and give it ten minutes to drink.",
            lands_at: (free + grams * Hydration::WaterRatio.free_share(flour)) / (held + grams * flour.hold_g_per_g)
          )
        end
      end
    end
  end
end
