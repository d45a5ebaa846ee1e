# frozen_string_literal: true

module Restauro
  module Recipes
    # Eggs that a sauce is poured over, by the dish's name: "Senfeier", "Eggs in curry sauce". They are boiled, and are
    # none of its body.
    module BoiledEggs
      TITLE = DataFiles.words("dishes/words.yml").fetch(:eggs_in_sauce)
      KIND = "boiled_egg"
      private_constant :TITLE

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.find { |line| line.role == "title" }
        return lines unless title&.text&.match?(TITLE) && lines.any? { |line| line.role == "liquid" }

        lines.map { |line| CrackedIn.whole?(line) ? line.with(ingredient: nil, role: "other", kind: KIND) : line }
      end
    end
  end
end
