# frozen_string_literal: true

module Restauro
  module Recipes
    # "Brush with the egg yolk, sprinkle with sugar", in a step alone: the egg that ends a list, or stands behind what
    # is filled in, is for that, and so is a spoon of sugar that stands a second time. Common practice.
    module BrushedOn
      BRUSHES, EGGS, SAID, SUGARED =
        DataFiles.words("recipes/words.yml").values_at(:brushed_with_egg, :eggs_said, :to_brush, :strewn_with_sugar)
      KIND = "brushed_on"
      private_constant :BRUSHES, :EGGS, :SAID, :SUGARED

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        listed, sentences = lines.reject(&:words?), Sentences.of_steps(lines)
        brush, others = sentences.grep(EGGS).partition { |text| text.match?(BRUSHES) }
        found = [(wash(listed, others.length) if brush.any?), sugar(listed, sentences.grep(SUGARED))].compact
        lines.map { |line| found.any? { |one| one.equal?(line) } ? line.with(kind: KIND) : line }
      end

      # The last of two, by the spoon, that ends the list; over fruit it is the fruit's, and icing sugar is dusted on
      # after.   @return [Line, nil]
      def sugar(listed, told)
        *before, last = listed.select { |line| sugar?(line) }
        return if before.empty? || last.ingredient == "icing_sugar" || !last.grams
        return unless listed.reverse.take_while { |line| !line.equal?(last) }.all? { |line| line.role == "egg" }

        last if last.grams.value <= Constants.fetch(:crust, :strewn_most_g) && told.any? { |text| bare?(text, listed) }
      end

      # Over nothing that is named.
      def bare?(text, listed) =
        listed.none? { |line| !sugar?(line) && line.role != "egg" && Sentences.name?(text, line) }
      def sugar?(line) = line.ingredient.to_s.include?("sugar")

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
      private_class_method :sugar, :bare?, :sugar?, :wash, :one?, :behind_a_filling?
    end
  end
end
