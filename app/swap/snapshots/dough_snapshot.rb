module Restauro
  # What a snapshot holds of a dough beside what all families share.
  module DoughSnapshot
    module_function

    def of(family, swap)
      system = swap.ours.recipe.system
      sure, last = swap.by_feel
      lines = [*swap.flours, swap.binder, swap.liquid].compact
      {
        school: swap.school&.say,
        school_key: swap.school&.key,
        shape: swap.ours.options.shape,
        kept_texture: swap.kept,
        target: {
          ratio: swap.target.round(3),
          grade: swap.rung&.key.to_s,
          does: swap.rung&.says.to_s
        },
        thickeners: lines.map { |line| SwapSnapshot.new_line(line, family, system, band: band(line, swap)) },
        surer: surer(swap),
        by_feel: {
          of: swap.liquid ? "water" : "flour",
          sure: sure.round,
          last: last.round
        },
        stretch: {
          ours: swap.ours.stretch.round(2),
          needed: swap.ours.stretch_needed.round(2),
          thinnest_mm: swap.ours.thinnest_mm
        },
        left: schools(family, swap),
        refused: swap.refused.map { |school, why| {say: school.say, why: why} }
      }
    end

    # The flour of a purée is as sure as the purée's water.
    def band(line, swap)
      return line.grams unless line.role == "flour" && swap.flour_g.positive?

      line.grams.widen((swap.flour_spread_g / swap.flour_g).clamp(0.0, 1.0))
    end

    # What weighing would be worth, where it has not been done.
    # @return [Hash, nil] g of flour either way, now and then
    def surer(swap)
      return if swap.ours.contents.puree.nil? || swap.ours.contents.moisture.how == :weighed

      {now: swap.flour_spread_g.round, weighed: swap.flour_spread_g(Constants.fetch(:moisture, :band_weighed)).round}
    end

    def schools(family, swap) = family.schools(swap.ours.options).map { |list| list.map(&:say) }
  end
end
