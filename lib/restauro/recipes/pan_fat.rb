# frozen_string_literal: true

module Restauro
  module Recipes
    # "Oil" or "Butterschmalz", of no amount or by the half cup, in the list of a coat, or of a batter that swims by its
    # name: what it is fried in (common practice).
    module PanFat
      KIND = "pan_fat"
      SWIMS, CAKES, FRIES, OIL, FRIES_IN_OIL =
        DataFiles.words("dishes/words.yml")
          .values_at(:swims_by_name, :cakes_in_a_pan, :shallow_fried, :oil, :fries_in_oil)
      private_constant :SWIMS, :CAKES, :FRIES, :OIL, :FRIES_IN_OIL

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        lines = lines.map { |line| headed?(line) ? for_the_pan(line) : line }
        return lines unless coated?(lines) || swims?(lines)

        lines.map { |line| bare?(line) || pool?(line, lines) ? for_the_pan(line) : line }
      end

      # "For frying:", and oil under it.
      def headed?(line) = line.role == "fat" && Line::TO_FRY_IN.match?(line.part.to_s)

      # Oil in a coat's own list that a step fries in, more of it than a sauce begins with; a dressing keeps its own.
      def pool?(line, lines)
        return false unless line.role == "fat" && line.grams && !line.to_fry_in? && line.text.match?(OIL)
        return false if line.grams.value < Constants.fetch(:making, :pool_of_oil_g)

        lines.any? { |one| one.role == "crumb" && one.part == line.part } && coated?(lines) &&
          Sentences.of_steps(lines).any?(FRIES_IN_OIL)
      end

      # Crumbs and the egg they stick to; nothing is poured that fat could go into, or a step fries.
      # @param lines [Array<Line>]
      def coated?(lines)
        roles = lines.map(&:role)
        dry = lines.none? { |line| line.role == "liquid" } || Sentences.of_steps(lines).any?(FRIES)
        %w[crumb egg].all? { |role| roles.include?(role) } && dry && lines.none?(&:inside?)
      end

      # Also what lies in a film of it, in a batter that has no other fat.   @param lines [Array<Line>]
      def swims?(lines)
        title = lines.first
        return false unless title&.role == "title" && lines.none?(&:to_fry_in?)

        title.text.match?(SWIMS) || (title.text.match?(CAKES) && lines.one? { |line| line.role == "fat" })
      end

      # @param line [Line]
      def bare?(line) = line.role == "fat" && line.grams.nil? && line.amount_text.nil? && !line.to_fry_in?

      # @param line [Line]   @return [Line]
      def for_the_pan(line) =
        line.with(kind: KIND, warnings: line.warnings.reject { |warning| warning.code == "no_amount" })
    end
  end
end
