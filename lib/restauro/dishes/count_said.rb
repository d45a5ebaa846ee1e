# frozen_string_literal: true

module Restauro
  module Dishes
    # How many a recipe makes: "makes 12", "a 12-hole tin", "a six-cup muffin tin", "Yorkshire puddings (12)".
    module CountSaid
      MAKES = /\b(?:makes|yields?)\D{0,12}(\d{1,3})\b/i
      SO_MANY = /\((\d{1,2})\)\s*\z/
      HOLES = DataFiles.words("dishes/words.yml").fetch(:holes_of_a_tin)
      MOST = 200
      private_constant :MAKES, :SO_MANY, :HOLES, :MOST

      module_function

      # @param text [String]   @param title [Boolean] whether it is the dish's   @return [Integer, nil]
      def of(text, title: false)
        said = text[MAKES, 1] || text[HOLES, 1] || (text[SO_MANY, 1] if title)
        count = (Numbers::WORDS[said.to_s.downcase] || said).to_i
        count if count.between?(1, MOST)
      end
    end
  end
end
