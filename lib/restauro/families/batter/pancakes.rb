module Restauro
  module Families
    class Batter
      # Poured thin or dropped by the spoonful into a hot pan, and turned.
      class Pancakes
        # @param prediction [Prediction]   @param lines [Lines]
        def initialize(prediction, lines, catalogue)
          @ours = prediction
          @lines = lines
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps
          thick = @ours.style == "fritter" || @ours.gas.moles.positive? || @lines.yeast.any?
          [first_side(thick), second_side(thick)]
        end

        private

        def list(lines) = Companions.list(lines.map { |line| Companions.say(line, @catalogue) })

        def first_side(thick)
          fat = @lines.pan_fat.any? ? "with #{list(@lines.pan_fat)}" : "with a film of fat"
          poured =
            (
              if thick
                "A hot pan #{fat}, medium; drop in spoonfuls with room between."
              else
                "A hot pan #{fat}; pour a thin round and tilt."
              end
            )
          Step.new(
            kind: "fry",
            text: poured,
            minutes: Constants.fetch(:making, thick ? :thick_pancake_minutes : :thin_pancake_minutes),
            uses: @lines.pan_fat,
            look_for: "the edge dry, bubbles that stay open"
          )
        end

        def second_side(thick)
          Step.new(
            kind: "fry",
            text: "Turn, and cook the other side.",
            look_for: thick ? "golden, springs back" : "golden flecks",
            minutes: Constants.fetch(:making, thick ? :thick_turned_minutes : :thin_turned_minutes),
            safety: (@ours.egg? ? ["egg_dish"] : []) + @lines.companions.safety(@lines.folded)
          )
        end
      end
    end
  end
end
