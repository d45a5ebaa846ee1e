# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Buttermilk and the like that pieces lie in, with an egg in it or none, before they are dredged: by a step.
      module Bath
        LIES_IN, FLOUR_FIRST = DataFiles.words("families/breading/words.yml").values_at(:lies_in, :flour_then_egg)
        # Nothing lifts or binds what is in it.
        SOUR = %w[buttermilk plain_yogurt plant_yogurt].freeze
        private_constant :LIES_IN, :FLOUR_FIRST

        module_function

        # @param line [Recipes::Line]   @param told [Array<String>] steps
        # @return [Boolean] whether pieces lie in it: by what it is, or milk by a sentence that names it
        def in?(line, told)
          return true if SOUR.include?(line.ingredient)
          return false unless line.ingredient.to_s.end_with?("milk")

          told.flat_map { |text| Recipes::Sentences.of(text) }.grep(LIES_IN).any? { |text| Recipes::Sentences.name?(text, line) }
        end

        # @param recipe [Recipes::Recipe]   @return [Boolean] whether none is dipped in flour before
        def lies_in?(recipe)
          told = recipe.steps.map(&:text)
          told.any?(LIES_IN) && told.none?(FLOUR_FIRST)
        end
      end
    end
  end
end
