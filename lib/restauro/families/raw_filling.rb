# frozen_string_literal: true

module Restauro
  module Families
    # Minced meat that goes raw into what it fills, and is done where it lies: its recipe only mixes it. What is browned
    # first stays so, and what nothing is said of.
    module RawFilling
      MIXES, BROWNS, COOKS, BY_NAME =
        DataFiles.words("dishes/words.yml").values_at(:raw_filling, :bound_browned, :meat_cooked_first,
                                                      :filled_raw_by_name)
      PANNED = Regexp.union(BROWNS, DataFiles.words("dishes/words.yml").fetch(:meat_in_a_pan))
      MEAT = DataFiles.words("recipes/words.yml").fetch(:a_meat)
      MINCED = %w[ground_meat ground_poultry sausage].freeze
      # Cuts and mince that a crust is filled with.
      MEATS = %w[whole_meat quick_meat ground_meat].freeze
      STEAMS = DataFiles.words("dishes/words.yml").fetch(:steams)
      HEATED = Regexp.union(STEAMS, DataFiles.words("dishes/words.yml").fetch(:bakes))
      private_constant :MIXES, :BROWNS, :PANNED, :COOKS, :BY_NAME, :MEAT, :MINCED, :HEATED, :STEAMS

      module_function

      # @param recipe [Recipes::Recipe] with its steps   @param lines [Array<Recipes::Line>] of the filling
      # @param named [Boolean] whether the dish's own name says so already
      # @return [Boolean]
      def said?(recipe, lines, named: recipe.title.to_s.match?(BY_NAME))
        minced = lines.select { |line| MINCED.include?(line.kind) }
        told = Recipes::Sentences.of_steps(recipe.lines).select { |text| of_it?(text, minced) }
        return false if minced.empty? || told.grep(PANNED).any? { |text| !anothers?(text, recipe, lines) }

        named || mixed_raw?(told.join(" "))
      end

      # Whether meat in pieces, or minced, is told to be packed raw into a crust that it is baked or steamed in; in an
      # oven never with so much poured that it would be a stew.
      # @param recipe [Recipes::Recipe] with its steps   @param lines [Array<Recipes::Line>] of the filling
      # @return [Boolean, nil] nil where nothing is told of it
      def packed(recipe, lines)
        meats = lines.select { |line| MEATS.include?(line.kind) }
        steps = Recipes::Sentences.of_steps(recipe.lines)
        told = steps.select { |text| of_it?(text, meats) || text.match?(Recipes::Parts::FILLING) }
        return if meats.empty? || told.empty?
        return false if steps.any? { |text| cooks?(text, lines - meats) } || (steps.none?(STEAMS) && stewed?(lines))

        mixed_raw?(told.join(" ")) || nil
      end

      # Before it is in the oven or over the water: "heat the oil and fry in batches" is the meat's too, "fry the
      # onions" is not.
      # @param others [Array<Recipes::Line>] that are not the meat
      def cooks?(text, others)
        return false if text.match?(HEATED) || !text.match?(Regexp.union(PANNED, COOKS))

        named = others.select { |line| Recipes::Sentences.name?(text, line) }
        text.match?(MEAT) || named.none? { |line| line.role == "other" } || named.any? { |line| line.role == "liquid" }
      end

      def stewed?(lines)
        poured = lines.select { |line| line.role == "liquid" && line.ingredient != "water" }
        poured.sum { |line| line.grams&.value.to_f } > Constants.fetch(:dishes, :second_liquid_g)
      end

      # Mixed, and cooked no sooner.
      def mixed_raw?(told)
        before, mixes, = told.partition(MIXES)
        !mixes.empty? && !before.match?(COOKS)
      end

      # Said of a sauce beside it: more of that is named than of what is inside.
      def anothers?(text, recipe, lines)
        named = ->(all) { all.count { |line| Recipes::Sentences.name?(text, line) } }
        named[recipe.ingredients - lines] > named[lines]
      end

      def of_it?(text, minced) = text.match?(MEAT) || minced.any? { |line| Recipes::Sentences.name?(text, line) }
      private_class_method :anothers?, :cooks?, :stewed?, :of_it?, :mixed_raw?
    end
  end
end
