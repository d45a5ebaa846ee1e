# frozen_string_literal: true

module Restauro
  module Dishes
    # Biscuits and scones that are eaten with a soup or a stew: "Soup with cheese scones", and nothing that lays them on
    # it.
    module BesideBiscuits
      TITLE, HEADING, ON_IT =
        DataFiles.words("dishes/words.yml").values_at(:biscuits_beside, :biscuits_by_heading, :biscuits_on_it)
      private_constant :TITLE, :HEADING, :ON_IT

      module_function

      # @param part [Part] of a dough   @param recipe [Recipes::Recipe] of the dish
      def of?(part, recipe) =
        part.role == :shell && recipe.title.to_s.match?(TITLE) && part.name.to_s.match?(HEADING) &&
          recipe.steps.none? { |line| line.text.match?(ON_IT) }
    end
  end
end
