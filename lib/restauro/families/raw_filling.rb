# frozen_string_literal: true

module Restauro
  module Families
    # Minced meat that goes raw into what it fills, and is done where it lies: its recipe only mixes it. What is browned
    # first stays so, and what nothing is said of.
    module RawFilling
      MIXES, BROWNS, BY_NAME =
        DataFiles.words("dishes/words.yml").values_at(:raw_filling, :bound_browned, :filled_raw_by_name)
      MEAT = DataFiles.words("recipes/words.yml").fetch(:a_meat)
      MINCED = %w[ground_meat ground_poultry sausage].freeze
      private_constant :MIXES, :BROWNS, :BY_NAME, :MEAT, :MINCED

      module_function

      # @param recipe [Recipes::Recipe] with its steps   @param lines [Array<Recipes::Line>] of the filling
      # @param named [Boolean] whether the dish's own name says so already
      # @return [Boolean]
      def said?(recipe, lines, named: recipe.title.to_s.match?(BY_NAME))
        minced = lines.select { |line| MINCED.include?(line.kind) }
        told = Recipes::Sentences.of_steps(recipe.lines).select { |text| of_it?(text, minced) }
        minced.any? && told.grep(BROWNS).empty? && (named || told.grep(MIXES).any?)
      end

      def of_it?(text, minced) = text.match?(MEAT) || minced.any? { |line| Recipes::Sentences.name?(text, line) }
      private_class_method :of_it?
    end
  end
end
