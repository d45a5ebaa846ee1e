# frozen_string_literal: true

module Restauro
  module Dishes
    # Sheets of filo over what is baked under them, with the fat they are brushed with.
    module FiloOver
      NAME = "Filo"
      SHEETS = %w[filo_sheet gf_filo_sheet].freeze
      WITH = %w[fat seasoning].freeze
      private_constant :SHEETS, :WITH

      module_function

      # @param line [Recipes::Line]
      def line?(line) = SHEETS.include?(line.ingredient)

      # @param lines [Array<Recipes::Line>]   @return [Array(Array, Array), nil] what is under them, and they
      def split(lines)
        at = lines.index { |line| line?(line) } or return
        over = lines[at..].take_while { |line| line?(line) || with?(line) }
        [lines - over, over] if lines.length > over.length
      end

      # @param lines [Array<Recipes::Line>]   @return [Boolean] whether there is nothing but sheets and what is on them
      def alone?(lines) = lines.any? { |line| line?(line) } && lines.all? { |line| line?(line) || with?(line) }

      # Fat, seeds.
      def with?(line) = WITH.include?(line.role) || line.kind == "late"
    end
  end
end
