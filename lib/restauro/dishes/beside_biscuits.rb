# frozen_string_literal: true

module Restauro
  module Dishes
    # Biscuits and scones that are eaten with a soup or a stew: "Soup with cheese scones", and nothing that lays them on
    # it.
    module BesideBiscuits
      TITLE, HEADING, ON_IT, ALONGSIDE =
        DataFiles.words("dishes/words.yml")
          .values_at(:biscuits_beside, :biscuits_by_heading, :biscuits_on_it, :served_alongside)
      private_constant :TITLE, :HEADING, :ON_IT, :ALONGSIDE

      module_function

      # @param part [Part] of a dough   @param recipe [Recipes::Recipe] of the dish
      def of?(part, recipe)
        return false unless part.role == :shell && part.name.to_s.match?(HEADING)

        steps = recipe.steps.map(&:text)
        steps.none?(ON_IT) && (recipe.title.to_s.match?(TITLE) || steps.any?(ALONGSIDE))
      end
    end
  end
end
