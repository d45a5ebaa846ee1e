# frozen_string_literal: true

module Restauro
  module Recipes
    # The whole eggs of a soufflé: its yolks go into the sauce and its whites carry it, said or not.
    module PartedEggs
      KIND = "parted"
      RISEN, SEPARATED = DataFiles.words("ingredients/words.yml").values_at(:risen_by_whites, :separated)
      private_constant :RISEN, :SEPARATED

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless lines.first&.role == "title" && lines.first.text.match?(RISEN)
        return lines if lines.any? { |line| line.ingredient == "egg_white" }

        lines.map { |line| line.ingredient == "egg_whole" ? line.with(kind: KIND) : line }
      end

      # @param line [Line, nil]   @return [Boolean] whether it is said, or known by its dish
      def line?(line) = !line.nil? && (line.kind == KIND || line.text.match?(SEPARATED))
    end
  end
end
