# frozen_string_literal: true

module Restauro
  module Recipes
    # A page that was copied whole: what stands around its recipe is put aside. A text without furniture is left as it
    # is.
    class Page
      LEAST_FURNITURE = 2
      SENTENCE = /\A[^\d:]{8,}[.!]\s*\z/
      TITLE_WORDS = 2..9

      # @param line_reader [LineReader]
      def initialize(line_reader, table: DataFiles.yaml("recipes/page.yml"))
        @line_reader = line_reader
        @furniture = /\A\s*(?:#{table["furniture"].join("|")})\s*\z/i
        @buttons = /\A\W*(?:#{table["buttons"]})\W*\z/i
        @ends = /\A#{table["ends"]}\z/i
        @about = /\A#{table["about"]}\z/i
        @dishes = DataFiles.words("families/words.yml").values
        freeze
      end

      # @param lines [Array<String>]   @return [Array<String>] the recipe's own
      def recipe(lines)
        lines = of_the_dish(lines.grep_v(@buttons))
        list = lines.index { |line| Outline::INGREDIENTS.match?(line) } || lines.index { |line| thing?(line) } or
          return lines
        unless lines.count { |line| @furniture.match?(line) || @ends.match?(line) } >= LEAST_FURNITURE
          return without_sentences(lines, list)
        end

        [
          *before(lines[0...list]),
          *until_the_end(lines[list..]).reject { |line| @furniture.match?(line) && !thing?(line) }
        ]
      end

      private

      # Without tools, and without what is told of another day.
      def of_the_dish(lines)
        lines = Equipment.put_last(lines) { |line| Outline.heading?(line) || thing?(line) }
        Afterwards.lines(lines, lines.rindex { |line| thing?(line) } || 0)
      end

      # What is told between a title and its list is no ingredient.
      def without_sentences(lines, list)
        return lines unless Outline::INGREDIENTS.match?(lines[list])

        [*lines[0...list].reject { |line| line.match?(SENTENCE) && !thing?(line) }, *lines[list..]]
      end

      def thing?(line) = @line_reader.thing?(line)

      # The dish's title, and what is said about it: servings, minutes.
      def before(lines)
        kept = lines.grep_v(@furniture)
        titles = kept.select { |line| title?(line) }
        title = titles.find { |line| @dishes.any? { |words| words.match?(line) } } || titles.first
        [*title, *kept.select { |line| @about.match?(line) && !line.equal?(title) }]
      end

      def title?(line)
        TITLE_WORDS.cover?(line.split.length) && line.match?(/\A\W*[[:upper:]\d]/) && !line.match?(/[.!?:]\s*\z/) &&
          !@about.match?(line)
      end

      # After the list has begun, the first line that only a page has ends it.
      def until_the_end(lines)
        last = lines.each_index.find { |index| index.positive? && @ends.match?(lines[index]) && !thing?(lines[index]) }
        last ? lines[0...last] : lines
      end
    end
  end
end
