# frozen_string_literal: true

module Restauro
  module Recipes
    # Eggs that a sauce is poured over, by the dish's name or a step: "Senfeier", "Eggs in curry sauce", "Hard-boil the
    # eggs". They are none of its body.
    module BoiledEggs
      TITLE, STEP = DataFiles.words("dishes/words.yml").values_at(:eggs_in_sauce, :hard_boils)
      KIND = "boiled_egg"
      private_constant :TITLE, :STEP

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless said?(lines) && lines.any? { |line| line.role == "liquid" }

        lines.map { |line| CrackedIn.whole?(line) ? line.with(ingredient: nil, role: "other", kind: KIND) : line }
      end

      # Without crumbs: a coat has them whole inside.   @param lines [Array<Line>]
      def said?(lines)
        return true if lines.find { |line| line.role == "title" }&.text&.match?(TITLE)

        lines.none? { |line| line.role == "crumb" } &&
          lines.any? { |line| line.role == "step" && line.text.match?(STEP) }
      end
    end
  end
end
