# frozen_string_literal: true

module Restauro
  module Recipes
    # What is rolled up in slices of meat before they are browned and stewed: beef olives, roulades.
    module RolledUp
      TITLE, INSIDE = DataFiles.words("dishes/words.yml").values_at(:rolled_meat, :rolled_in_meat)
      KIND = "rolled_in"
      SLICES = %w[whole_meat quick_meat poultry].freeze
      STUFFS = %w[ground_meat sausage cured ready_meat].freeze
      private_constant :TITLE, :INSIDE, :SLICES, :STUFFS

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.first&.role == "title" ? lines.first.text : ""
        return lines unless title.match?(TITLE) && lines.any? { |line| SLICES.include?(line.kind) }

        lines.map { |line| stuffs?(line) ? line.with(role: "other", kind: KIND) : line }
      end

      # @param line [Line]
      def stuffs?(line) =
        !line.words? && (STUFFS.include?(line.kind) || (line.text.match?(INSIDE) && line.role != "crumb"))
    end
  end
end
