module Restauro
  module Families
    class Dough
      # A sheet, by the machine's gaps or under a pin.
      class Rolling
        # @param thickness_mm [Float] mm, at last   @param tool [String] machine or pin
        def initialize(thickness_mm, tool)
          @thickness_mm = thickness_mm
          @tool = tool
          freeze
        end

        # @return [Step]
        def step = @tool == "pin" ? pin : machine

        private

        def machine
          Step.new(kind: "shape", look_for: "a smooth edge; a ragged one: fold again; #{rerolls}",
                   text: "A fist of dough at a time, the rest wrapped: fold, turn a quarter, 3 to 4 passes at the " \
                         "widest gap; then #{gaps.join(", ")} mm.")
        end

        def pin
          strip = Recipes::WeighedLine.tenths(@thickness_mm)
          Step.new(kind: "shape", look_for: "even all over; #{rerolls}",
                   text: "Roll between two sheets of parchment, a #{strip} mm strip on either side of the pin to " \
                         "stop it.")
        end

        def rerolls
          "scraps: press together, rest, roll again, #{Constants.fetch(:shaping, :rerolls).round} times at most"
        end

        # From the widest gap down, each about a quarter less.
        def gaps
          step = Constants.fetch(:shaping, :gap_step)
          found = [Constants.fetch(:shaping, :machine_widest_mm)]
          found << found.last * step while found.last * step > @thickness_mm
          (found.drop(1) + [@thickness_mm]).map { |gap| gap.round(1) }
        end
      end
    end
  end
end
