# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # An egg that is there to brush with: by its own words, or beaten, beside a dough that has its water, or a bought
      # sheet (common practice).
      module Glaze
        WORDS = DataFiles.words("families/crust/words.yml").fetch(:glaze)
        PART = "to glaze"

        module_function

        # @param recipe [Recipes::Recipe]
        # @return [Recipes::Recipe] such eggs marked, so that they are in neither dough nor filling
        def apart(recipe, catalogue)
          return recipe unless watered?(recipe, catalogue)

          recipe.with(lines: recipe.lines.map { |line| beaten?(line) ? line.with(part: PART) : line })
        end

        def line?(line) = %w[egg liquid].include?(line.role) && (line.text.match?(WORDS) || line.part == PART)
        def beaten?(line)
          line.role == "egg" && line.text.match?(/\bbeaten\b/i) && line.grams &&
            line.grams.value <= Constants.fetch(:crust, :glaze_most_g)
        end

        def watered?(recipe, catalogue)
          known = recipe.ingredients.select { |line| line.ingredient && !Parts.filling?(line) }
          known.any? do |line|
            catalogue.fetch(line.ingredient).then { |found| found.group == "pastry" || found.key == "water" }
          end
        end
      end
    end
  end
end
