module Restauro
  module Families
    class Batter
      # The steps of a coat that is cooked in fat.
      #   Needs @ours, @options, @lines, section, minutes, half, into_fat, looks, beside_the_recipe, safety,
      #   unknown_safety.
      module InFat
        CHOOSE = "Choose a piece and an oven or oil, and its minutes are worked out.".freeze

        private

        def fried
          fat = Fat.new(@options.oil, @ours.piece_g, @ours.pieces&.first)
          [fat.heat(uses: @lines.pan_fat),
           Step.new(kind: "fry", text: "#{into_fat}#{fat.words}.", uses: @lines.coated + dust,
                    celsius: @options.oil.celsius, minutes: half([fried_minutes, 1.0].compact.max),
                    batches: fat.batches, safety: safety, caution: brown_early,
                    look_for: [looks, beside_the_recipe(@options.fry_minutes&.sum)].compact.join("; ")),
           fat.drain]
        end

        # The recipe's own, unless the middle is not done by then or the coat burnt. Pieces on the bone cool the fat
        # more than is reckoned, and are slow at the bone: as long as their recipe says.   @return [Float, nil]
        def fried_minutes
          told = @options.fry_minutes&.sum
          return minutes if told.nil? || (burns_by?(told) && !on_the_bone?)

          [told, section.done].compact.max
        end

        def burns_by?(told) = section.burnt && told > section.burnt
        def on_the_bone? = @lines.coated.any? && @lines.coated.all? { |line| Heat::UsualPiece.on_the_bone?(line.text) }

        # Brown long before the bone is hot.   @return [String, nil]
        def brown_early
          told = @options.fry_minutes&.sum
          return unless told && on_the_bone? && burns_by?(told)

          "Brown before it is done: turn the fat down, the middle at the bone decides."
        end

        # In fat of a known heat, for as long as nobody has reckoned.
        def by_eye
          fat = Fat.new(@options.oil, nil, nil)
          told = @options.fry_minutes&.sum
          [fat.heat(uses: @lines.pan_fat),
           Step.new(kind: "fry", text: "#{into_fat}A few at a time, with room between.", uses: @lines.coated + dust,
                    celsius: @options.oil.celsius, minutes: told, look_for: "golden all over, hot in the middle",
                    caution: (CHOOSE unless told),
                    safety: spooned? ? safety : unknown_safety),
           fat.drain]
        end
      end
    end
  end
end
