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
                    batches: fat.batches, safety: safety,
                    look_for: [looks, beside_the_recipe(@options.fry_minutes&.sum)].compact.join("; ")),
           fat.drain]
        end

        # The recipe's own, unless the middle is not done by then or the coat burnt.   @return [Float, nil]
        def fried_minutes
          told = @options.fry_minutes&.sum
          return minutes if told.nil? || (section.burnt && told > section.burnt)

          [told, section.done].compact.max
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
