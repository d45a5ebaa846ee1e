module Restauro
  # What a snapshot holds of a crust beside what all families share.
  module CrustSnapshot
    module_function

    def of(family, swap)
      system = swap.ours.recipe.system
      lines = [*swap.flours, swap.binder, swap.liquid].compact
      sure, last = swap.by_feel
      {
        school: swap.school&.say,
        school_key: swap.school&.key,
        style: swap.ours.style.key,
        style_say: swap.ours.style.say,
        cover: swap.ours.cover,
        kept_texture: swap.kept,
        target: swap.target && target(swap),
        thickeners: lines.map { |line| SwapSnapshot.new_line(line, family, system) },
        by_feel: swap.liquid && {sure: sure.round, last: last.round},
        fat: {
          wheat: swap.wheat.fat_share&.round(3),
          ours: swap.ours.fat_share&.round(3)
        },
        percentages: {
          wheat: percentages(swap.wheat),
          ours: percentages(swap.ours)
        },
        usual_grams: swap.ours.usual_grams&.round,
        sheet: swap.sheet && sheet(swap.sheet),
        filling: swap.ours.filling && filling(family, swap, system),
        left: swap.school ? family.schools(swap.ours.options).map { |list| list.map(&:say) } : [[], []],
        refused: swap.refused.map { |school, why| {say: school.say, why: why} }
      }
    end

    def target(swap) = {ratio: swap.target.round(3), grade: swap.rung&.key.to_s, does: swap.rung&.says.to_s}
    def percentages(crust) =
      crust.bakers_percentages.map { |ingredient, share| {name: ingredient.say, per_cent: share.round(1)} }

    def sheet(sheet)
      {
        count: sheet.count,
        thickness_mm: sheet.thickness_mm.round(1),
        thinnest_mm: sheet.thinnest_mm,
        rises_mm: sheet.risen_mm.round,
        wheat_rises_mm: sheet.wheat_risen_mm.round,
        longer: (100 * sheet.stretch - 100).round
      }
    end

    # The filling with what thickens it, as the sauce family has it.
    def filling(family, swap, system)
      found = swap.ours.filling
      made = swap.filling
      lines = made.sauce&.thickeners || [made.added].compact
      {
        kind: found.kind,
        grams: found.grams.round,
        depth_cm: swap.ours.filling_depth_cm&.round(1),
        done_celsius: swap.ours.filling_celsius,
        why: swap.ours.filling_why,
        e: made.e&.round(2),
        does: made.e && Families::Sauce::Grade.of(made.e).does,
        start: swap.ours.filling_start,
        thickeners: lines.map { |line| SwapSnapshot.new_line(line, family, system) }
      }
    end

    # Three ovens beside the cook's own: worked out only when they are looked at.
    # @param slower [Float] how many times as long the household's takes
    def ovens(family, swap, slower: 1.0)
      words = Families::Crust::Report.new(family, family.catalogue)
      swap.ours.oven_schools.map do |baking|
        words.oven(baking).to_h { |name, value| [name, name == :celsius || value.nil? ? value : value * slower] }
      end
    end
  end
end
