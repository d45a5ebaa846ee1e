module Restauro
  module Recipes
    # Which lines of a recipe are its dough, and which are for something else: a filling, the bench, the pot, the table.
    module Parts
      FILLING, ASIDE, BENCH = DataFiles.words("recipes/words.yml").values_at(:filling, :aside, :for_the_bench)

      module_function

      # @param line [Line]   @return [Symbol] :dough, :filling, :bench or :aside
      def place(line)
        return :bench if line.own_text.match?(BENCH)
        return :aside if line.to_fry_in? || line.own_text.match?(ASIDE) || line.part.to_s.match?(ASIDE)

        line.kind == InDumplings::KIND || line.part.to_s.match?(FILLING) ? :filling : :dough
      end

      # @return [Array<Line>]
      def dough(recipe) = of(recipe, :dough)
      # @return [Array<Line>]
      def filling(recipe) = of(recipe, :filling)
      # @param place [Symbol]   @return [Array<Line>]
      def of(recipe, place) = recipe.ingredients.select { |line| place(line) == place }
    end
  end
end
