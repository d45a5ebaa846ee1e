# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # Fat with an amount that the steps only fry in: "bake them in the butter", and no word of it in the bowl.
      module FriedIn
        MELTED = DataFiles.words("dishes/words.yml").fetch(:melted_fat)
        FRIES, STIRS, POURED =
          DataFiles.words("families/batter/words.yml").values_at(:fries_in, :stirs_into, :poured_onto)
        private_constant :MELTED, :FRIES, :STIRS, :POURED

        module_function

        # @param recipe [Recipes::Recipe] of a batter   @return [Recipes::Recipe] with that fat for the pan
        def of(recipe)
          fats = recipe.ingredients.select { |line| line.role == "fat" && line.grams && !line.to_fry_in? }
          sentences = Recipes::Sentences.of_steps(recipe.lines)
          panned = fats.one? && !fats.first.text.match?(MELTED) && fried_in?(fats.first, sentences) ? fats : []
          return recipe if panned.empty?

          recipe.with(lines: recipe.lines.map do |line|
            panned.include?(line) ? Recipes::PanFat.for_the_pan(line) : line
          end)
        end

        def fried_in?(fat, sentences)
          told = sentences.select { |sentence| Recipes::Sentences.name?(sentence, fat) }
          told.any? && told.all? { |sentence| sentence.match?(FRIES) && !sentence.gsub(POURED, "").match?(STIRS) }
        end
        private_class_method :fried_in?
      end
    end
  end
end
