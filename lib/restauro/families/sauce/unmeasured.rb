# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # Wheat flour whose amount was not read goes too: it would stay in the dish.
      module Unmeasured
        module_function

        # @param recipe [Recipes::Recipe] with sauce roles   @param starch [Ingredient] that takes its place
        # @return [Array<Diets::Substitution>]
        def of(recipe, starch, catalogue)
          recipe.ingredients.select { |line| wheat?(line, catalogue) }.map do |line|
            fresh = Recipes::Line.new(text: "#{starch.say}, half as much as of flour", ingredient: starch.key,
                                      role: "thickener", part: line.part, name_text: starch.say)
            Diets::Substitution.new(line: line, lines: [fresh].freeze, costs: "no amount was read: type one")
          end
        end

        # @param line [Recipes::Line]
        def wheat?(line, catalogue) =
          line.role == "thickener" && line.grams.nil? && !line.ingredient.nil? &&
            catalogue.fetch(line.ingredient).contains_gluten?
      end
    end
  end
end
