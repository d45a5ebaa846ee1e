module Restauro
  # What a snapshot holds of a crumb coat beside what all families share.
  module BreadingSnapshot
    module_function

    def of(family, swap)
      {
        school: swap.ours.bound? ? "held by crumbs" : "crumb coat",
        kept_texture: true,
        target: {
          coat_mm: swap.target.round(1),
          grade: swap.ours.bound? ? "in the cakes" : "#{swap.target.round(1)} mm",
          does: "is as thick a coat"
        },
        thickeners: swap.coats.map { |line| SwapSnapshot.new_line(line, family, swap.ours.recipe.system) },
        bound: swap.ours.bound?,
        pieces: swap.ours.pieces&.first,
        coat_mm: (1000 * swap.ours.coat_m.to_f).round(2),
        from: swap.alternatives.to_h { |other| [other.keys.first, other.from] }
      }
    end
  end
end
