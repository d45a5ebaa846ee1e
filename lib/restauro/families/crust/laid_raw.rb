# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Onions, bacon and mushrooms that a recipe strews on as they are: the oven alone cooks them. Common practice.
      module LaidRaw
        # What may.
        KINDS = %w[soften cured brief].freeze
        FRIES = DataFiles.words("recipes/words.yml").fetch(:softens_for)
        BAKES = DataFiles.words("dishes/words.yml").fetch(:bakes)
        SLICED = DataFiles.words("families/crust/words.yml").fetch(:laid_raw)
        private_constant :FRIES, :BAKES, :SLICED

        module_function

        # Told of, and of no pan.   @param recipe [Recipes::Recipe] with its steps
        # @param lines [Array<Recipes::Line>] of the crust and what fills it
        def said?(recipe, lines = recipe.ingredients)
          lines = lines.select { |line| KINDS.include?(line.kind) }
          told = Recipes::Sentences.of_steps(recipe.lines).grep_v(BAKES)
          told = told.select { |text| lines.any? { |line| Recipes::Sentences.name?(text, line) } }
          told.any? && told.grep(FRIES).empty?
        end

        # Slices of tomato always, the others where it is said.   @param said [Boolean, nil]
        def of?(line, said) = line.text.match?(SLICED) || (said && KINDS.include?(line.kind))
      end
    end
  end
end
