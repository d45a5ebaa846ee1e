# frozen_string_literal: true

module Restauro
  module Dishes
    # How many a recipe makes: "makes 12", "a 12-hole tin", "a six-cup muffin tin", "Yorkshire puddings (12)".
    module CountSaid
      SO_MANY = /\((\d{1,2})\)\s*\z/
      MAKES, HOLES = DataFiles.words("dishes/words.yml").values_at(:makes_so_many, :holes_of_a_tin)
      MOST = 200
      private_constant :MAKES, :SO_MANY, :HOLES, :MOST

      module_function

      # @param text [String]   @param title [Boolean] whether it is the dish's   @return [Integer, nil]
      def of(text, title: false)
        said = text.match(MAKES)&.captures&.compact&.first || text[HOLES, 1] || (text[SO_MANY, 1] if title)
        count = (Numbers::WORDS[said.to_s.downcase] || said).to_i
        count if count.between?(1, MOST)
      end
    end
  end
end
