# frozen_string_literal: true

module Restauro
  module Recipes
    # Eggs that a step breaks whole into the dish, or that the dish is named for: they bind no sauce.
    module CrackedIn
      KIND = "cracked_egg"
      STEP, TITLE, ON_TOP =
        DataFiles.words("dishes/words.yml").values_at(:cracked_in, :cracked_by_name, :fried_on_top)
      private_constant :STEP, :TITLE, :ON_TOP

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return on_top(lines) if lines.first&.role == "title" && lines.first.text.match?(ON_TOP)
        return lines unless said?(lines)

        lines.map { |line| whole?(line) ? line.with(ingredient: nil, role: "other", kind: KIND) : line }
      end

      # Fried by themselves, and laid on it.   @param lines [Array<Line>]   @return [Array<Line>]
      def on_top(lines)
        lines.map do |line|
          next line unless whole?(line)

          line.with(role: "other", kind: "table", name_text: "#{line.name_text || "eggs"}, fried,")
        end
      end

      # @param lines [Array<Line>]
      def said?(lines)
        title, *rest = lines.select(&:words?).map(&:text)
        title.to_s.match?(TITLE) || rest.any? { |text| text.match?(STEP) }
      end

      # @param line [Line]
      def whole?(line) = line.ingredient == "egg_whole"
    end
  end
end
