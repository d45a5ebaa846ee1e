# frozen_string_literal: true

module Restauro
  module Dishes
    # How many a recipe makes: "makes 12", "a 12-hole tin", "a six-cup muffin tin", "Yorkshire puddings (12)".
    module CountSaid
      SO_MANY = /\((\d{1,2})\)\s*\z/
      MAKES, HOLES, TINS =
        DataFiles.words("dishes/words.yml").values_at(:makes_so_many, :holes_of_a_tin, :tins_of_holes)
      MOST = 200
      private_constant :TINS, :MAKES, :SO_MANY, :HOLES, :MOST

      module_function

      # @param text [String]   @param title [Boolean] whether it is the dish's   @return [Integer, nil]
      def of(text, title: false)
        said = text.match(MAKES)&.captures&.compact&.first
        count = said ? number(said) : holes(text) || (number(text[SO_MANY, 1]) if title)
        count if count&.between?(1, MOST)
      end

      # "Two 4-hole tins" have eight.   @return [Integer, nil]
      def holes(text)
        tins, each = text.match(TINS)&.captures
        return number(tins) * number(each) if tins

        text[HOLES, 1]&.then { |each_tin| number(each_tin) }
      end

      # In figures or in words.   @param said [String, nil]   @return [Integer]
      def number(said) = (Numbers::WORDS[said.to_s.downcase] || said).to_i
    end
  end
end
