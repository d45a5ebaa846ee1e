module Restauro
  module Families
    class Crust
      # What to add to the rest of a crust by what it did: water, flour, binder and fat by balance.
      module Mend
        Move = Dough::Mend::Move

        module_function

        # @param swap [Swap]   @param trouble [String] key of data/families/crust/troubles.yml   @return [Array<Move>]
        def moves(swap, trouble, catalogue)
          row = DataFiles.yaml("families/crust/troubles.yml").fetch(trouble)
          return [] if swap.school.nil? || swap.ours.style.loose?

          [
            Dough::Mend.ratio(swap, Float(row["ratio"]), catalogue),
            stretch(swap, Float(row["stretch"]), catalogue),
            fat(swap, Float(row["fat"]), catalogue)
          ].compact
        end

        # Binder can be added, not taken out.
        def stretch(swap, more, catalogue) = more.positive? ? Dough::Mend.stretch(swap, more, catalogue) : nil

        # Flour soaks up fat that is too much: as much of both as keeps the share.
        def fat(swap, change, catalogue)
          return unless change.negative? && swap.ours.fat_share

          grams = swap.ours.powder_g * (1 / (1 + change) - 1)
          flour = Dough::Mend.main_flour(swap, catalogue)
          held = Hydration::WaterRatio.held(swap.ours.weights) + grams * flour.hold_g_per_g
          Move.new(
            kind: "drier",
            ingredient: flour,
            grams: grams,
            lands_at: Hydration::WaterRatio.free(swap.ours.weights) / held,
            text: "Work #{grams.round} g #{flour.say} into the whole dough, and chill it hard."
          )
        end
      end
    end
  end
end
