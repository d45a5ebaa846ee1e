# frozen_string_literal: true

module Restauro
  module Dishes
    # The oven that a sentence names, also without its unit.
    module OvenSaid
      BAKES, PREHEATS = DataFiles.words("dishes/words.yml").values_at(:bakes, :preheats)
      DEGREES =
        /(?:degrees|degr(?:é|e)s|graden|grader|grados|gradi|graus|grad|stopni(?:ach)?|astetta|asteessa|deg)\b\.?/i
      IN_WORDS, BEHIND = /\b(\d{3})\s*#{DEGREES}\s*(?![CF]\b)/io, /(\d)\s*#{DEGREES}\s*/io
      # "400 for 25 minutes".
      BEGINS_SO = /\A\W*[1-5]\d{2},?\s+(?:fan,?\s+)?(?:(?:for|about)\s+)*\d+(?:\s*(?:-|–|to)\s*\d+)?\s*min/i
      # Degrees without their unit, behind what is said of an oven.
      BARE_DEGREES = /(?<=\A|\bat\ |\bto\ |\bfan\ |\boven\ |\bbake\ |\bpreheat\ |:\ )\d{3}
        (?=\s*(?:(?:fan|for|until|in|and)\b|(?:about\s+)?\d+(?:\s*[-–]\s*\d+)?\s*min|[,.;:)\/]|\z))|
        \b\d{3}(?=\ fan\b)/ix

      module_function

      # @param text [String]   @return [Kitchen::OvenTemperature, nil]
      def of(text)
        Kitchen::OvenTemperature.parse(with_unit(text))
      rescue InvalidInput
        nil
      end

      # "Bake at 180 fan", "350 degrees": no oven of Celsius goes above some 260, few of Fahrenheit below it.
      def with_unit(text)
        baked = [BAKES, BEGINS_SO, PREHEATS].any? { |words| text.match?(words) }
        text
          .gsub(IN_WORDS) { "#{degrees(Regexp.last_match(1))} " }
          .gsub(BEHIND, '\1 ')
          .gsub(/\b(\d{3})\s*°(?!\s*[CF])/) { degrees(Regexp.last_match(1)) }
          .gsub(baked ? BARE_DEGREES : /(?!)/) { |number| degrees(number) }
      end

      # @param number [String] three digits   @return [String] with the unit that an oven can have
      def degrees(number) = "#{number} °#{number.to_i > Constants.fetch(:dishes, :most_oven_celsius) ? "F" : "C"}"
    end
  end
end
