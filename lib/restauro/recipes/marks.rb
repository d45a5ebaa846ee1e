# frozen_string_literal: true

module Restauro
  module Recipes
    # What a page puts around a thing on its line, and is none of it: stars and notes, what it costs, dots that lead to
    # its amount, a bar or a sign of its list.
    module Marks
      # "> 200 g flour", "» ...", "→ ..."
      SIGN = /\A\s*[>»›→➤►‣]\s*(?=[\d½⅓¼⅔¾⅛\p{L}])/
      STAR = /(?<=[\p{L})\d])\s?[*†‡¹²³]+(?=\s*(?:\z|[,;(]))/
      NOTE = /\s*[(\[](?:(?:see|cf\.?)\s[^)\]]*|(?:notes?|tips?)\b[^)\]]*|recipe (?:below|above|follows))[)\]]/i
      COST = /[$£€]\s?\d+(?:[.,]\d\d?)?|(?<=[,(–-]|[,–-]\s)\d+(?:[.,]\d\d)?\s?(?:€|p|kr)/
      PRICE = /(?<=\S)\s*[,–-]?\s*\(?\s*(?:#{COST})\s*\)?\s*\z/
      # "Flour ..... 200 g", "flour | 200 g"
      LEADER = /(?<=[\p{L})])\s*(?:\.{4,}|\s\.{3}\s|_{3,}|\s\|\s)\s*(?=[\d½⅓¼⅔¾⅛])/
      UNIT = /k?g|ml|cl|dl|l|oz|lbs?|cups?|tbsps?|tsps?|tablespoons?|teaspoons?/
      # "200 g – flour"
      DASH = %r{\A(\W*[\d½⅓¼⅔¾⅛]+(?:[.,/ ]\d+)*\s?(?:#{UNIT}))\s+[|–—-]\s+(?=\p{L})}i
      END_OF_IT = /\A(\W*[\d½⅓¼⅔¾⅛]+(?![\d.)]).{3,60}(?:\p{L}{2}|\)))(?<!tsp|bsp|pkg|lbs)[.;]\s*\z/
      # In this order.
      NONE_OF_IT = {SIGN => "", NOTE => "", STAR => "", PRICE => "", LEADER => " – ", DASH => '\\1 ',
                    END_OF_IT => '\\1'}.freeze
      private_constant :SIGN, :STAR, :NOTE, :COST, :PRICE, :LEADER, :UNIT, :DASH, :END_OF_IT, :NONE_OF_IT

      module_function

      # @param line [String]   @return [String]
      def off(line) = NONE_OF_IT.reduce(line) { |text, (mark, rest)| text.sub(mark, rest) }
    end
  end
end
