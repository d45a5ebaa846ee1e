# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # A sweet filling that sets in the cold, and never sees the oven: one that starch has thickened on the stove, or
      # cream and soft cheese without raw egg (common practice).
      class Chilled
        NO_BAKE, FILLED_COLD, SETS, SWEET, MERINGUE =
          DataFiles.words("families/crust/words.yml")
            .values_at(:no_bake, :filled_cold, :sets_in_the_cold, :sweet_by_name, :meringue)
        WHY = "set in the fridge: a clean cut stands"
        CREAMY = %w[heavy_cream cream_cheese mascarpone ricotta].freeze
        private_constant :NO_BAKE, :FILLED_COLD, :SETS, :SWEET, :MERINGUE, :CREAMY

        # @param recipe [Recipes::Recipe] the whole of it   @param filling [Filling, nil]   @param options [Options]
        def initialize(recipe, filling, catalogue, options)
          @recipe = recipe
          @filling = filling
          @catalogue = catalogue
          @options = options
          freeze
        end

        def is?
          return false if @filling.nil? || @filling.caramel? || @options.crowned || meat?
          return false if words.first.to_s.match?(MERINGUE) || (eggs? && !sweet?)
          return true if words.any? { |text| text.match?(NO_BAKE) || text.match?(FILLED_COLD) }

          sweet? && sets_by_itself? && (@options.bake_minutes.nil? || words.any? { |text| text.match?(SETS) })
        end

        # Nothing of it is baked: the base only sets.
        def unbaked? = @options.bake_minutes.nil? && @options.oven.nil?
        # Whether starch thickens it on the stove.
        def boiled? = @filling.boiled?

        # Eggs that nothing cooks.
        def raw_egg? = eggs? && !boiled?

        private

        def lines = @filling.recipe.ingredients
        def words = @recipe.lines.select(&:words?).map(&:text)
        def group(line) = @catalogue.find_key(line.ingredient)&.group
        def sweet? = lines.any? { |line| group(line) == "sugar" || line.text.match?(SWEET) }
        def meat? = @filling.safety.intersect?(%w[poultry ground_meat ground_poultry whole_meat fish])
        def eggs? = lines.any? { |line| line.role == "egg" }
        def sets_by_itself? = boiled? || (!eggs? && lines.any? { |line| CREAMY.include?(line.ingredient) })
      end
    end
  end
end
