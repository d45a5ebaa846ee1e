# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Lemon that is squeezed over what is fried: a whole one beside an egg, a spoon of juice where nothing else is wet
      # and nothing lies in it before.
      module SqueezedOver
        MARINATED = DataFiles.words("dishes/words.yml").fetch(:marinated)
        JUICE = "lemon_juice"
        private_constant :MARINATED, :JUICE

        module_function

        # @param recipe [Recipes::Recipe]   @return [Array<Recipes::Line>]
        def of(recipe)
          listed = recipe.ingredients
          return listed.select { |line| Recipes::Squeezed.whole?(line) } if listed.any? { |line| line.role == "egg" }

          juice, wet = listed.select { |line| line.role == "liquid" }.partition { |line| line.ingredient == JUICE }
          wet.empty? && spoonful?(juice) && !marinated?(recipe) ? juice : []
        end

        def spoonful?(juice) =
          juice.sum { |line| line.grams&.value.to_f } <= Constants.fetch(:breading, :squeezed_in_g)

        def marinated?(recipe) = [recipe.title.to_s, *recipe.lines.map(&:text)].any?(MARINATED)
        private_class_method :spoonful?, :marinated?
      end
    end
  end
end
