# frozen_string_literal: true

module Restauro
  module Dishes
    # Biscuits and scones that are eaten with a soup or a stew: "Soup with cheese scones", and nothing that lays them on
    # it.
    module BesideBiscuits
      TITLE, HEADING, ON_IT, ALONGSIDE, UNDER_IT =
        DataFiles.words("dishes/words.yml")
          .values_at(:biscuits_beside, :biscuits_by_heading, :biscuits_on_it, :served_alongside,
                     :biscuits_under_it)
      private_constant :TITLE, :HEADING, :ON_IT, :ALONGSIDE, :UNDER_IT

      module_function

      # @param part [Part] of a dough   @param recipe [Recipes::Recipe] of the dish
      def of?(part, recipe)
        return false unless part.role == :shell && part.name.to_s.match?(HEADING)

        steps = Recipes::Sentences.of_steps(recipe.lines).grep_v(UNDER_IT)
        steps.none?(ON_IT) && (under_it?(recipe) || recipe.title.to_s.match?(TITLE) || steps.any?(ALONGSIDE))
      end

      # What they are eaten with is poured over them.   @param recipe [Recipes::Recipe]
      def under_it?(recipe) = recipe.steps.any? { |line| line.text.match?(UNDER_IT) }
    end
  end
end
