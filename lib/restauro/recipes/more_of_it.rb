# frozen_string_literal: true

module Restauro
  module Recipes
    # A second amount of what stands before it on a line: another egg, flour for something else.
    #   Needs @line_reader.
    module MoreOfIt
      WASH = /,?\s+(?:for|to) (?:an? |the )?(?:egg[- ]?wash|glaz(?:e|ing)|brush(?:ing)?)\b.*\z/i
      AGAIN = /\A(\d+)\s+(?:extra\s+|more\s+)?
        ((?:lightly\s+|well\s+)?beaten|(?:to|for)\s+(?:the\s+)?(?:glaz|brush|coat|wash|seal)\w*)/ix
      EGGS, ONE_EGG = /\beggs?\s*\z/i, /\A\d+ egg, /
      NAMELESS = %r{\A(\W*[\d½⅓¼⅔¾⅛][\d\s./½⅓¼⅔¾⅛]*
        \s?(?:g|kg|oz|ml|tbsp|tsp|tablespoons?|teaspoons?|cups?|c|t))\s+((?:for|to)\s.*)\z}ix
      # Flour for the board, butter for the tin.
      SPARE = /\A\W*[\d½⅓¼⅔¾⅛][^,]{0,14}\s(?:for|to)\s
        (?:dust|roll|knead|sprinkl|greas|(?:the\s|your\s)?(?:board|bench|work|tin|pan|dish|surface))/ix
      private_constant :WASH, :AGAIN, :EGGS, :ONE_EGG, :NAMELESS

      private

      # "2 eggs, plus 1 beaten" is an egg as well.
      def again(last, piece)
        return more_of_it(last, piece) unless last.to_s.match?(EGGS) && piece.match?(AGAIN)

        piece.sub(AGAIN) { "#{Regexp.last_match(1)} egg, #{Regexp.last_match(2)}" }
      end

      # "1 cup flour + 1/2 cup for dredging": more of what stood before.
      def more_of_it(last, piece)
        amount, purpose = piece.match(NAMELESS)&.captures
        return piece if piece.match?(SPARE)

        name = last && amount && @line_reader.read(last).name_text
        name ? "#{amount} #{name}, #{purpose}" : piece
      end

      # "1 egg + 1 tbsp water, for egg wash": both are brushed on.
      def brushed(found)
        purpose = found.last[WASH] if found.length == 2 && !found.last.match?(ONE_EGG)
        purpose && !found.first.match?(WASH) ? ["#{found.first}#{purpose}", found.last] : found
      end
    end
  end
end
