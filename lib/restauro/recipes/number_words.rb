# frozen_string_literal: true

module Restauro
  module Recipes
    # "Zwei Eier", "un demi-litre de lait", "una cucharada de harina": a number in words at the head of a line, in
    # languages other than English.
    class NumberWords
      TABLE = DataFiles.yaml("units/number_words.yml")
      VALUES = BareLetters.beside(
        TABLE.fetch("numbers").flat_map { |value, words| words.map { |word| [word, value] } }.to_h
      ).freeze
      ONES, HALVES, OF_ONE, NO_HALF =
        %w[ones halves halves_of_one not_halves].map { |key| TABLE.fetch(key).join("|") }
      # "Dos de cabillaud" is a loin of cod.
      ANY = /(#{VALUES.keys.sort_by { |word| -word.length }.join("|")})/i
      NUMBER = /\A#{ANY}\s+(?!de\b)(?=\p{L})/i
      HALF = /\A(?:(?:(?:#{ONES})\s+)?(?:#{HALVES})|(?:#{ONES})\s+(?:#{OF_ONE}))(?:\s+|-)(?=\p{L})
        (?!and\b|an?\b|the\b|(?:#{NO_HALF})\b)/ix
      ONE = /\A(?:#{ONES})\s+(?=\p{L})/i
      EGG = /#{TABLE.fetch("egg")}/i
      private_constant :TABLE, :ONES, :HALVES, :OF_ONE, :NO_HALF, :NUMBER, :HALF, :ONE, :EGG

      # @param units [KitchenUnits]
      def initialize(units)
        @units = units
        freeze
      end

      # @param text [String]   @return [String] its number in digits, where it begins with one in words
      def plain(text)
        text = text.sub(NUMBER) { "#{VALUES.fetch(Regexp.last_match(1).downcase)} " }.sub(HALF, "1/2 ")
        one = ONE.match(text) or return text

        @units.read(one.post_match) || one.post_match.match?(EGG) ? "1 #{one.post_match}" : text
      end
    end
  end
end
