# frozen_string_literal: true

module Restauro
  module Families
    # Minced meat that goes raw into what it fills, and is done where it lies: its recipe only mixes it. What is browned
    # first stays so, and what nothing is said of.
    module RawFilling
      MIXES, BROWNS, COOKS, BY_NAME =
        DataFiles.words("dishes/words.yml").values_at(:raw_filling, :bound_browned, :meat_cooked_first,
                                                      :filled_raw_by_name)
      MEAT = DataFiles.words("recipes/words.yml").fetch(:a_meat)
      MINCED = %w[ground_meat ground_poultry sausage].freeze
      # Cuts and mince that a crust is filled with.
      MEATS = %w[whole_meat quick_meat ground_meat].freeze
      HEATED = Regexp.union(DataFiles.words("dishes/words.yml").values_at(:bakes, :steams))
      private_constant :MIXES, :BROWNS, :COOKS, :BY_NAME, :MEAT, :MINCED, :HEATED

      module_function

      # @param recipe [Recipes::Recipe] with its steps   @param lines [Array<Recipes::Line>] of the filling
      # @param named [Boolean] whether the dish's own name says so already
      # @return [Boolean]
      def said?(recipe, lines, named: recipe.title.to_s.match?(BY_NAME))
        minced = lines.select { |line| MINCED.include?(line.kind) }
        told = Recipes::Sentences.of_steps(recipe.lines).select { |text| of_it?(text, minced) }
        return false if minced.empty? || told.grep(BROWNS).any?

        named || mixed_raw?(told.join(" "))
      end

      # Whether meat in pieces, or minced, is told to be packed raw into a crust that it is baked or steamed in.
      # @param recipe [Recipes::Recipe] with its steps   @param lines [Array<Recipes::Line>] of the filling
      # @return [Boolean, nil] nil where nothing is told of it
      def packed(recipe, lines)
        meats = lines.select { |line| MEATS.include?(line.kind) }
        told = Recipes::Sentences.of_steps(recipe.lines).select { |text| of_it?(text, meats) || text.match?(Recipes::Parts::FILLING) }
        return if meats.empty? || told.empty?
        return false if told.grep(BROWNS).any?

        mixed_raw?(told.join(" ")) || (told.grep_v(HEATED).grep(COOKS).any? ? false : nil)
      end

      # Mixed, and cooked no sooner.
      def mixed_raw?(told)
        before, mixes, = told.partition(MIXES)
        !mixes.empty? && !before.match?(COOKS)
      end

      def of_it?(text, minced) = text.match?(MEAT) || minced.any? { |line| Recipes::Sentences.name?(text, line) }
      private_class_method :of_it?, :mixed_raw?
    end
  end
end
