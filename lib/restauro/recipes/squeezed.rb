# frozen_string_literal: true

module Restauro
  module Recipes
    # A whole lemon, lime or orange in a sauce or filling that is named after it is its juice: read so, its text as it
    # was written.
    class Squeezed
      FRUIT = DataFiles.words("recipes/words.yml").fetch(:squeezed)
      BESIDE = DataFiles.words("recipes/words.yml").fetch(:not_squeezed)
      NAMED = DataFiles.words("recipes/words.yml").fetch(:named_after_fruit)

      JUICES = %w[lemon_juice orange_juice].freeze
      private_constant :JUICES

      # Juice that was read from a whole fruit: its zest is there too.   @param line [Line]
      def self.whole?(line) =
        JUICES.include?(line.ingredient) && !line.text.match?(/juice/i) && line.text.match?(FRUIT)

      # Juice whose zest goes in with it: of a whole fruit, or "zest and juice".   @param line [Line]
      def self.zest?(line) =
        whole?(line) || (JUICES.include?(line.ingredient) && line.text.match?(/\bzest\b|\brind\b/i))

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.find { |line| line.role == "title" }&.text
        named = lines.select { |line| whole?(line) && named_after?(line, [title, line.part]) }
        lines.map { |line| named.include?(line) || beside?(line, named) ? juice(line) : line }
      end

      private

      def whole?(line) = line.kind == "table" && !line.corrected && line.text.match?(FRUIT) && !line.text.match?(BESIDE)

      # The orange of a lemon tart, where a heading has both.
      def beside?(line, named) = line.part && whole?(line) && named.any? { |other| other.part == line.part }

      def named_after?(line, names)
        fruit = line.text[FRUIT, 1].downcase
        names.compact.any? { |name| name.match(NAMED)&.captures&.compact&.any? { |found| found.casecmp?(fruit) } }
      end

      def juice(line)
        read = @line_reader.read("juice of #{line.bare_text}", part: line.part)
        return line unless read.grams

        read.with(text: line.text, source: line.source, number: line.number, name_text: "#{line.text[FRUIT, 1]} juice")
      end
    end
  end
end
