# frozen_string_literal: true

module Restauro
  module Recipes
    # "2 large aubergines", "1 cipolla grande": how many times the usual one each weighs.
    module PieceSize
      NUMBER = %r{\A\W*\d[\d\s.,/½⅓¼⅔¾⅛–-]*}
      SIZES = DataFiles.yaml("units/piece_sizes.yml").values.map do |row|
        # Before the name, or behind its first word; what is said of the pieces that it is cut into comes later.
        [/#{NUMBER}(?:\p{L}+\s+)?(?:#{row["words"]})\b/i, Float(row["times"])]
      end.freeze
      private_constant :NUMBER, :SIZES

      module_function

      # @param text [String] a line as it was written   @return [Float] one where nothing is said
      def times(text)
        bare = Line.bare(text)
        SIZES.find { |words, _| bare.match?(words) }&.last || 1.0
      end
    end
  end
end
