# frozen_string_literal: true

module Restauro
  module Recipes
    # What is rolled up in slices of meat before they are browned and stewed: beef olives, roulades.
    module RolledUp
      TITLE, INSIDE = DataFiles.words("dishes/words.yml").values_at(:rolled_meat, :rolled_in_meat)
      KIND = "rolled_in"
      SLICES = %w[whole_meat quick_meat poultry].freeze
      STUFFS = %w[ground_meat sausage cured ready_meat].freeze
      # What is of a stuffing where it is told right behind the slices, in a pot that something is poured into.
      BOUND = %w[crumb cheese egg].freeze
      GARLIC = DataFiles.words("ingredients/words.yml").fetch(:scorches)
      private_constant :GARLIC, :TITLE, :INSIDE, :SLICES, :STUFFS, :BOUND

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.first&.role == "title" ? lines.first.text : ""
        return lines unless title.match?(TITLE) && lines.any? { |line| slice?(line) }

        run = stuffing(lines)
        lines.map do |line|
          stuffs?(line) || run.any? { |one| one.equal?(line) } ? line.with(role: "other", kind: KIND) : line
        end
      end

      # @param line [Line]
      def stuffs?(line) =
        !line.words? && (STUFFS.include?(line.kind) || (line.text.match?(INSIDE) && line.role != "crumb"))

      # Crumbs, cheese, an egg, garlic and leaves among what follows the slices, as far as it goes on.
      # @param lines [Array<Line>]   @return [Array<Line>]
      def stuffing(lines)
        return [] if lines.none? { |line| line.role == "liquid" }

        behind = lines.drop(lines.index { |line| slice?(line) } + 1)
        behind.take_while { |line| stuffs?(line) || bound?(line) }.select { |line| bound?(line) }
      end

      # @param line [Line]   @return [Boolean] meat of the kind that is rolled
      def slice?(line) = SLICES.include?(line.kind)

      def bound?(line) = BOUND.include?(line.role) || line.kind == "herb" || (!line.words? && line.text.match?(GARLIC))
      private_class_method :stuffing, :bound?
    end
  end
end
