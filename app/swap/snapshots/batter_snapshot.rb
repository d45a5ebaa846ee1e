module Restauro
  # What a snapshot holds of a batter beside what all families share.
  module BatterSnapshot
    module_function

    def of(family, swap)
      system = swap.ours.recipe.system
      sure, last = swap.liquid ? swap.poured : [0.0, 0.0]
      {
        school: Families::Batter::Style.says(swap.ours.style),
        kept_texture: swap.kept,
        target: {
          ratio: swap.target.round(3),
          grade: swap.rung&.key.to_s,
          does: swap.rung&.says.to_s
        },
        thickeners: swap.flours.map { |line| SwapSnapshot.new_line(line, family, system) },
        liquid:
          swap.liquid &&
            {
              name: family.catalogue.fetch(swap.liquid.ingredient).say,
              grams: swap.liquid.grams.value,
              sure: sure.round,
              last: last.round
            },
        gas: {
          wheat: swap.wheat.gas.ml_per_100g.round,
          ours: swap.ours.gas.ml_per_100g.round,
          left: swap.ours.gas.bicarbonate_left.round(2),
          moles: (1000 * swap.ours.gas.moles).round(1)
        },
        coat_mm: swap.ours.coat_m&.then { |m| (1000 * m).round(2) }
      }
    end
  end
end
