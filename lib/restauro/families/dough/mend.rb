module Restauro
  module Families
    class Dough
      # What to add to the rest of a dough by what a test piece did: water, flour and binder by balance.
      module Mend
        # kind wetter, drier or stretchier · ingredient · grams · text · lands_at ratio
        Move = Value.of(:kind, :ingredient, :grams, :text, :lands_at)

        module_function

        # @param swap [Swap]
        # @param trouble [String] key of data/families/dough/troubles.yml
        # @return [Array<Move>] of the whole dough
        def moves(swap, trouble, catalogue)
          row = DataFiles.yaml("families/dough/troubles.yml").fetch(trouble)
          [ratio(swap, Float(row["ratio"]), catalogue), stretch(swap, Float(row["stretch"]), catalogue)].compact
        end

        # @param change [Float] of the ratio, as a share of the target
        # @return [Move, nil] water or flour for the rest of the dough
        def ratio(swap, change, catalogue)
          return if change.zero?

          now = swap.ours
          aim = now.ratio.value * (1 + change)
          change.positive? ? wetter(now, aim, catalogue.fetch("water")) : drier(now, aim, main_flour(swap, catalogue))
        end

        # @return [Ingredient] the flour that is most of it
        def main_flour(swap, catalogue) = catalogue.fetch(swap.flours.max_by { |line| line.grams.value }.ingredient)

        # @param aim [Float] ratio   @return [Move] of water
        def wetter(now, aim, water)
          grams = aim * held(now) - free(now)
          move(
            "wetter",
            water,
            grams,
            "Work in #{grams.round} g water, a few drops at a time, for the whole dough.",
            (free(now) + grams) / held(now)
          )
        end

        # @param aim [Float] ratio   @return [Move] of flour
        def drier(now, aim, flour)
          grams = (free(now) / aim - held(now)) / flour.hold_g_per_g
          move(
            "drier",
            flour,
            grams,
            "Work in #{grams.round} g #{flour.say} for the whole dough.",
            free(now) / (held(now) + grams * flour.hold_g_per_g)
          )
        end

        # More of what binds it already, else an egg's worth of psyllium or gum that may be eaten.
        def stretch(swap, more, catalogue)
          return if more.zero?

          binder = (swap.binder && catalogue.fetch(swap.binder.ingredient)) || spare(swap, catalogue) or return
          grams = Hydration::Stretch.grams_for(binder, more, swap.ours.flour_g)
          move(
            "stretchier",
            binder,
            grams,
            "Work in #{Recipes::WeighedLine.tenths(grams.round(1))} g #{binder.say}, and give it ten minutes.",
            free(swap.ours) / (held(swap.ours) + grams * binder.hold_g_per_g)
          )
        end

        # @return [Ingredient, nil] a binder that may be eaten, where the dough has none
        def spare(swap, catalogue)
          exclusion = swap.ours.options.exclusion(catalogue)
          %w[psyllium_husk xanthan_gum guar_gum]
            .map { |key| catalogue.fetch(key) }
            .find { |ingredient| exclusion.allows?(ingredient) }
        end

        # @return [Move]   @param grams [Float] g   @param lands_at [Float] ratio
        def move(kind, ingredient, grams, text, lands_at)
          Move.new(kind: kind, ingredient: ingredient, grams: grams, text: text, lands_at: lands_at)
        end

        # @return [Float] g of free water
        def free(dough) = Hydration::WaterRatio.free(dough.weights)
        # @return [Float] g of water that its flour holds
        def held(dough) = Hydration::WaterRatio.held(dough.weights)
      end
    end
  end
end
