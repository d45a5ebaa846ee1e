# frozen_string_literal: true

module Restauro
  module Recipes
    # "4 pork escalopes, 120 g": a weight that fits one of them, and is far from fitting all, is that of each.
    module PieceWeight
      COUNTED = /\A\s*(\d{1,2})[[:space:]]+(?=\p{L}).*#{Numbers::WEIGHED}/i
      IN_ALL = /\b(?:each|in all|total|altogether|together|about \d+ (?:k?g) of)\b/i

      module_function

      # @param grams [Estimate, nil] as written
      # @param text [String] the line
      # @param match [Names::Match] piece_g what one usually weighs
      # @return [Estimate, nil] g of all
      def of(grams, text, match)
        count = Line.bare(text)[COUNTED, 1].to_i
        unless grams && match.piece_g && count > 1 && Line::BY_THE_PIECE.include?(match.bystander) &&
            !text.match?(IN_ALL)
          return grams
        end

        each, all = [1, count].map { |times| Math.log(grams.value / times / match.piece_g).abs }
        each < far(:piece_fits) && all > far(:pieces_miss) ? grams * count : grams
      end

      # @return [Float] as a log
      def far(name) = Math.log(Constants.fetch(:uncertainty, name))
    end
  end
end
