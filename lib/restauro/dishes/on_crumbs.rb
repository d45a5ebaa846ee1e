# frozen_string_literal: true

module Restauro
  module Dishes
    # A base of crumbs in one list with what sets on it: a cheesecake, a key lime pie.   Needs @title and LineKinds.
    module OnCrumbs
      BASED, CRUMB_PIE = DataFiles.words("dishes/words.yml").values_at(:crumb_based, :crumb_pie)

      # @param title [String]   @param lines [Array<Recipes::Line>]
      def self.crumb_pie?(title, lines) =
        title.match?(CRUMB_PIE) && lines.any? { |line| line.ingredient.to_s.end_with?("biscuit_crumbs") }

      private

      # No flour, crumbs of biscuits, and what sets on them: a key lime pie, or cream.
      def crumb_pie?(lines)
        return false unless OnCrumbs.crumb_pie?(@title, lines) && lines.none? { |line| flour?(line) }

        lines.any? { |line| line.ingredient == "heavy_cream" } ||
          %w[egg liquid].all? { |role| lines.any? { |line| line.role == role } }
      end

      def sugar?(line) = group_of(line) == "sugar"

      # Crumbs in their fat, with what is poured on them in the same list: a cheesecake.
      def base_and_filling(group)
        crumbs = group.lines.index { |line| group_of(line) == "crumb" }
        return unless crumbs && ((group.label || @title).match?(BASED) || crumb_pie?(group.lines))

        ahead = group.lines[0...crumbs].last(1).select { |line| line.role == "fat" }
        behind = group.lines[(crumbs + 1)..].take_while do |line|
          sugar?(line) || line.role == "seasoning" || (line.role == "fat" && ahead.empty?)
        end
        base = [*ahead, group.lines[crumbs], *behind]
        [base, group.lines - base].reject(&:empty?).then { |pieces| pieces if pieces.length == 2 }
      end
    end
  end
end
