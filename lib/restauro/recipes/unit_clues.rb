# frozen_string_literal: true

module Restauro
  module Recipes
    # Whose cups and spoons a recipe means, by words that one side of the sea uses and the other does not: they win over
    # the setting.
    module UnitClues
      PATTERNS =
        DataFiles
          .yaml("recipes/page.yml")
          .fetch("units")
          .transform_values { |words| DataFiles.pattern(words) }
          .freeze
      LEAST_LINES = 3
      # Settings that agree with a recipe of the United Kingdom's words: none of them has the American cup.
      BRITISH = %w[uk metric au].freeze

      module_function

      # @param text [String] a whole recipe
      # @param setting [String] us, metric, uk or au
      # @return [String] the system to read it by
      def system(text, setting)
        return setting if text.lines.count { |line| line.match?(/\d|[½¼¾⅓⅔⅛]/) } < LEAST_LINES

        found = told(text) or return setting
        return setting if found == setting || (found == "uk" && BRITISH.include?(setting))

        found
      end

      # @return [String, nil] us or uk; nil where nothing tells, or both do
      def told(text)
        sides = PATTERNS.select { |_, words| words.match?(text) }.keys
        sides.length == 1 ? sides.first : nil
      end

      # The line that told it.   @param lines [Array<String>]   @return [String, nil]
      def line(lines, system)
        lines.find { |line| PATTERNS.fetch(system).match?(line) } if told(lines.join("\n")) == system
      end
    end
  end
end
