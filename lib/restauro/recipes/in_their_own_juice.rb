# frozen_string_literal: true

module Restauro
  module Recipes
    # Fresh tomatoes under a crumble, or in a sauce, beside starch and nothing that is poured: as fruit does, they give
    # the only liquid there is.
    class InTheirOwnJuice
      TOMATOES, DISHES =
        DataFiles.words("dishes/words.yml").values_at(:fresh_tomatoes, :in_their_own_juice)
      INGREDIENT = "tomatoes_giving_juice"
      private_constant :TOMATOES, :DISHES

      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.find { |line| line.role == "title" }&.text.to_s
        lines.map do |line|
          next line unless tomatoes?(line)

          beside = lines.select { |other| other.part == line.part && !other.words? }
          dry_and_thickened?(line, beside) && "#{title} #{line.part}".match?(DISHES) ? giving_juice(line) : line
        end
      end

      private

      def tomatoes?(line) = !line.words? && line.ingredient.nil? && line.grams && line.bare_text.match?(TOMATOES)
      def giving_juice(line) = line.with(ingredient: INGREDIENT, kind: nil, understood: true)

      # Starch, or as little flour as binds what tomatoes give.
      def dry_and_thickened?(line, beside)
        return false if beside.any? { |other| %w[liquid egg].include?(other.role) }

        beside.any? { |other| thickener?(other) && other.grams && other.grams.value < most_g(line) }
      end

      def thickener?(line) = line.ingredient && @catalogue.fetch(line.ingredient).starchy?
      def most_g(line) = line.grams.value * Constants.fetch(:dishes, :thickener_in_juice)
    end
  end
end
