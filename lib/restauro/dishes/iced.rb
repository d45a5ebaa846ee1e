# frozen_string_literal: true

module Restauro
  module Dishes
    # What is iced once it is fried or baked: milled sugar behind a batter or dough that has its flour and its liquid,
    # with no more beside it than makes it run.
    module Iced
      NAME = "Glaze"

      module_function

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] what is iced, and its icing
      def split(lines)
        at = lines.index { |line| line.ingredient == "icing_sugar" } or return
        ahead, icing = lines[0...at], lines[at..]
        return unless %w[flour liquid].all? { |role| ahead.any? { |line| line.role == role } }

        rest = icing.drop(1)
        # A batter's own sugar, with butter behind it, is no icing: something wets that.
        return unless rest.any? { |line| line.role == "liquid" } && rest.all? { |line| thins?(line, icing.first) }

        [ahead, icing]
      end

      # Milk, juice, butter or vanilla, less than the sugar.
      def thins?(line, sugar)
        return line.ingredient.nil? && line.kind == "late" unless line.grams

        %w[liquid fat seasoning].include?(line.role) && line.grams.value < sugar.grams&.value.to_f
      end
    end
  end
end
