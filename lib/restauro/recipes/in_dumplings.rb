# frozen_string_literal: true

module Restauro
  module Recipes
    # Fruit that large dumplings are closed around, one in each: "12 plums" under "Zwetschgenknödel". It is a filling,
    # and no part of their dough.
    class InDumplings
      ROUND = DataFiles.words("families/dough/shapes.yml").fetch(:round)
      KIND = "in_dumplings"
      private_constant :ROUND

      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe, without headings   @return [Array<Line>]
      def of(lines)
        title = lines.find { |line| line.role == "title" }
        return lines unless title&.text&.match?(ROUND) && lines.none?(&:part)

        lines.map { |line| whole_fruit?(line) ? line.with(role: "other", kind: KIND) : line }
      end

      private

      def whole_fruit?(line) = !line.words? && line.bare_text.match?(/\A\d/) && group(line) == "fruit"
      def group(line) = line.ingredient && @catalogue.fetch(line.ingredient).group
    end
  end
end
