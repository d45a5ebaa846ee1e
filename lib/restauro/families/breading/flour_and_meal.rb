# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Meal or crumbs that a step stirs into the flour: one dish for both, and no crumbs on top of it.
      module FlourAndMeal
        MIXES, FLOUR, WET = DataFiles.words("families/breading/words.yml").values_at(:mixes_dry, :flour_said, :wet_said)
        DRY = %w[flour starch crumb].freeze
        private_constant :MIXES, :FLOUR, :WET, :DRY

        module_function

        # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]   @return [Boolean]
        def said?(recipe, catalogue)
          coarse = coarse(recipe, catalogue)
          Recipes::Sentences.of_steps(recipe.lines).any? do |sentence|
            told = sentence[MIXES].to_s
            told.match?(FLOUR) && !told.match?(WET) && coarse.any? { |line| Recipes::Sentences.name?(told, line) }
          end
        end

        # The two as one.   @return [Ingredient, nil] where the amounts of both are told
        def ingredient(recipe, catalogue)
          lines = recipe.ingredients.select { |line| line.counted? && DRY.include?(line.role) }
          parts = lines.map { |line| [catalogue.fetch(line.ingredient), line.grams.value] }
          return if parts.length < 2

          Blends::Mixed.ingredient(parts, key: "dry_mix", name: parts.map { |part, _| part.say }.join(" and "))
        end

        # @return [Array<Recipes::Line>] its meal and its crumbs
        def coarse(recipe, catalogue)
          recipe.ingredients.select do |line|
            line.ingredient && !Bound.in?(line) && %w[meal crumb].include?(catalogue.fetch(line.ingredient).group)
          end
        end
      end
    end
  end
end
