module Restauro
  module Families
    class Crust
      # How deep a filling lies where no pan is told.
      module Depth
        module_function

        # Rolled up or folded in as is usual, else as deep as it stands in the round tin that so much dough lines.
        # @param crust [Prediction]   @return [Float] cm, no deeper than is usual
        def supposed_cm(crust)
          return constant(crust.rolled_up? ? :wrapped_cm : :folded_cm) if crust.cover == "wrapped"

          filling, usual = crust.filling, constant(:depth_cm)
          return usual unless filling
          return within(constant(:heap_times) * filling.depth_cm(crust.rounds.folded_cm2)) if crust.rounds
          return usual unless crust.cover == "bottom" && [*Lining::LINES, "base"].include?(crust.style.key)

          within(filling.depth_cm(Lining.round_for(crust.style, crust.volume_cm3).area_cm2))
        end

        # @return [Float] cm, no less and no more than there is
        def within(depth_cm) = depth_cm.clamp(constant(:least_depth_cm), constant(:depth_cm))
        # @return [Float] of data/constants/crust.yml
        def constant(name) = Constants.fetch(:crust, name)
      end
    end
  end
end
