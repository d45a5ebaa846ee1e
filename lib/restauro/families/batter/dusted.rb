# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # Flour that pieces are turned in, so that the batter stays on them: beside the batter's own, and told by its line
      # ("plus 1/2 cup for dredging").
      module Dusted
        WORDS = Recipes::ToDredge::WORDS
        private_constant :WORDS

        module_function

        # @param recipe [Recipes::Recipe]   @return [Recipes::Recipe] with that flour marked
        def of(recipe)
          flours = recipe.ingredients.select { |line| line.role == "flour" && line.ingredient }
          dust, own = flours.partition { |line| line.own_text.match?(WORDS) }
          return recipe if own.none?(&:grams) || dust.empty?

          recipe.with(lines: recipe.lines.map { |line| dust.include?(line) ? marked(line) : line })
        end

        def marked(line) = line.with(role: "other", kind: Recipes::Line::DUSTED)

        # @param draft [Draft]   @param elsewhere [WheatElsewhere]   @return [Draft] with starch for it
        def written(draft, elsewhere)
          draft.with(
            draft.pairs.map do |wheat, ours|
              found = wheat.dusted_on? && elsewhere.in_place_of(wheat)
              [wheat, found ? found.map { |line| marked(line) } : ours]
            end
          )
        end
        private_class_method :marked
      end
    end
  end
end
