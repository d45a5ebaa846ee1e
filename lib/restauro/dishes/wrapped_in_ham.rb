# frozen_string_literal: true

module Restauro
  module Dishes
    # Endives and leeks that are each rolled up in ham and lie side by side under their sauce. Common practice.
    #   Needs @dish, main_parts, layer_name and list.
    module WrappedInHam
      WORDS = DataFiles.words("dishes/words.yml").fetch(:wrapped_in_ham)

      private

      # A vegetable, a ready meat and a sauce.
      def wrapped_in_ham?
        inside, ham, sauce, other = main_parts
        !sauce.nil? && other.nil? && inside.part.family.nil? && ham.lines.all? { |line| line.kind == "ready_meat" } &&
          @dish.recipe.steps.any? { |line| line.text.match?(WORDS) }
      end

      def wrapped
        inside, ham, sauce = main_parts
        "Wrap the #{layer_name(inside)} in #{list(ham.lines)}, a slice around each, side by side in a buttered dish, the " \
          "seams down; the #{layer_name(sauce)} over them"
      end
    end
  end
end
