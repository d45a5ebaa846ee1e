# frozen_string_literal: true

module Restauro
  module Recipes
    # Reads packs with their size: "2 x 400 g", "1 (14 oz) can".
    class PackSizes
      PACK_SIZE = /\A\s*(?:x\s*)?\(?\s*(#{Numbers::ONE})[\s-]*(.*)\z/i

      # @param units [KitchenUnits]
      def initialize(units)
        @units = units
        freeze
      end

      # "2 x 400 g", "1 (14 oz) can", "2 14-ounce cans": a count of packs of a size.
      def read(count, rest)
        match = PACK_SIZE.match(rest) or return
        unit, after = @units.read(match[2])
        return unless unit && (unit.mass? || unit.volume?)
        return unless (times = rest.lstrip.match?(/\Ax/i)) || pack_word?(after)

        size = Numbers.value(match[1])
        after = without_word(after.sub(/\A[^)]*\)/, "")) unless times
        [[Amount::Term.new(count * size.to_f, unit, nil)], without_word(after)]
      end

      def pack_word?(text) = @units.read(text.sub(/\A[^)(]*\)/, "").sub(/\A\s*-?/, "").lstrip)&.first&.kind == :pack

      # @return [String] without "pack", "tin" and the like
      def without_word(text)
        unit, after = @units.read(text.lstrip)
        unit&.kind == :pack ? after : text
      end
    end
  end
end
