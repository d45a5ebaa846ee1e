# frozen_string_literal: true

module Restauro
  module Dishes
    # Whether a dish is baked under its lid or foil to the end: a sentence covers it, and none takes that off.
    module CoveredSaid
      BAKES, COVERS, UNCOVERS = DataFiles.words("dishes/words.yml").values_at(:bakes, :covers, :uncovers)
      private_constant :BAKES, :COVERS, :UNCOVERS

      module_function

      # @param recipe [Recipes::Recipe]   @return [Boolean]
      def of?(recipe)
        told = Recipes::Sentences.of_steps(recipe.lines)
        told.grep(BAKES).grep(COVERS).any? && told.grep(UNCOVERS).empty?
      end
    end
  end
end
