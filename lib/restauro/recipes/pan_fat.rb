# frozen_string_literal: true

module Restauro
  module Recipes
    # "Oil" or "Butterschmalz", of no amount, in the list of a coat, or of a batter that swims by its name: what it is
    # fried in (common practice).
    module PanFat
      KIND = "pan_fat"
      SWIMS, FRIES = DataFiles.words("dishes/words.yml").values_at(:swims_by_name, :shallow_fried)
      private_constant :SWIMS, :FRIES

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless coated?(lines) || swims?(lines)

        lines.map { |line| bare?(line) ? for_the_pan(line) : line }
      end

      # Crumbs and the egg they stick to; nothing is poured that fat could go into, or a step fries.
      # @param lines [Array<Line>]
      def coated?(lines)
        roles = lines.map(&:role)
        dry = lines.none? { |line| line.role == "liquid" } || Sentences.of_steps(lines).any?(FRIES)
        %w[crumb egg].all? { |role| roles.include?(role) } && dry && lines.none?(&:inside?)
      end

      # @param lines [Array<Line>]
      def swims?(lines) =
        lines.first&.role == "title" && lines.first.text.match?(SWIMS) && lines.none?(&:to_fry_in?)

      # @param line [Line]
      def bare?(line) = line.role == "fat" && line.grams.nil? && line.amount_text.nil? && !line.to_fry_in?

      # @param line [Line]   @return [Line]
      def for_the_pan(line) =
        line.with(kind: KIND, warnings: line.warnings.reject { |warning| warning.code == "no_amount" })
    end
  end
end
