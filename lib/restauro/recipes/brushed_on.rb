# frozen_string_literal: true

module Restauro
  module Recipes
    # "Brush with the egg yolk", in a step alone: the egg that ends a list, or stands behind what is filled in, is for
    # that. Common practice.
    module BrushedOn
      BRUSHES, EGGS, SAID = DataFiles.words("recipes/words.yml").values_at(:brushed_with_egg, :eggs_said, :to_brush)
      KIND = "brushed_on"
      private_constant :BRUSHES, :EGGS, :SAID

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        brush, others = Sentences.of_steps(lines).grep(EGGS).partition { |text| text.match?(BRUSHES) }
        wash = wash(lines.reject(&:words?), others.length) if brush.any?
        lines.map { |line| line.equal?(wash) ? line.with(kind: KIND) : line }
      end

      # @param uses [Integer] how often eggs are told to go elsewhere   @return [Line, nil]
      def wash(listed, uses)
        eggs = listed.select { |line| line.role == "egg" }
        last = eggs.last
        return if last.nil? || !one?(last) || eggs.any? { |line| line.text.match?(SAID) }

        ends = listed.last.equal?(last) && (eggs.length > 1 || uses.zero?)
        last if ends || (uses < eggs.length && behind_a_filling?(listed, last))
      end

      def one?(line) = line.grams && line.grams.value <= Constants.fetch(:crust, :glaze_most_g)
      def behind_a_filling?(listed, egg) = listed.take(listed.index(egg)).any? { |line| line.role == "other" }
      private_class_method :wash, :one?, :behind_a_filling?
    end
  end
end
