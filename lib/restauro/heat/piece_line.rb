module Restauro
  module Heat
    # The piece that a recipe's own lines tell of: "8 slices celeriac, 10 mm", "4 cod fillets, 18 mm thick".
    module PieceLine
      KIND = /\b(#{Piece::SHAPES.keys.join("|")})s?\b/i
      THICK = /(\d+(?:[.,]\d+)?)\s*-?\s*(mm|cm)\b/i
      COUNT = /\A\s*(\d{1,3})\s+(?!(?:k?g|ml|l|oz|lb|mm|cm|cups?|tbsp|tsp)\b)(?:\p{L}+\s+){0,2}(?:#{Piece::SHAPES.keys.join("|")})s?\b/i
      WEIGHT = /\A\s*(\d+(?:[.,]\d+)?)\s*(k?g)\b/i
      FILLER = /\b(?:k?g|of|in|cut|into|thick|each|or|about|the)\b/i

      module_function

      # @param recipe [Recipes::Recipe]   @return [Piece, nil]
      def piece(recipe, catalogue)
        line = told(recipe) or return
        name = line.text.gsub(THICK, "").gsub(KIND, "").gsub(/[\d.,()-]+/, "").gsub(FILLER, "").split.join(" ")
        Piece.parse("#{name.empty? ? "piece" : name} #{line.text[KIND, 1]} #{line.text[THICK]}", catalogue)
      rescue InvalidInput
        nil
      end

      # @return [Integer, nil] how many, where the line counts them
      def count(recipe) = told(recipe)&.text&.[](COUNT, 1)&.to_i

      # @return [Float, nil] g, where the line weighs them, be the food known or not
      def grams(recipe)
        match = told(recipe)&.text&.match(WEIGHT) or return
        Float(match[1].tr(",", ".")) * (match[2].match?(/k/i) ? 1000 : 1)
      end

      def told(recipe) = recipe.ingredients.find { |line| line.role == "other" && line.text.match?(KIND) && line.text.match?(THICK) }
    end
  end
end
