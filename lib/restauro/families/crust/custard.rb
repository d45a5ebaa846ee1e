module Restauro
  module Families
    class Crust
      # Where the custard begins in one list without headings: behind a dough that has its flour, its fat and what wets
      # it, the first of the eggs, the milk or cream, and what is stirred into them; only where there is milk or cream
      # (or cheese, or a purée) enough to pour.
      class Custard
        # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]
        def initialize(recipe, catalogue)
          @lines = recipe.lines
          @catalogue = catalogue
          freeze
        end

        # @return [Integer, nil] the line it begins with
        def first
          at = @lines.each_index.find { |index| stirred?(@lines[index]) && dough?(index) }
          at if at && @lines[at..].any? { |line| poured?(line) } && @lines[at..].any? { |line| line.role == "egg" }
        end

        private

        def stirred?(line) = line.role == "egg" || poured?(line) || sweet?(line)
        def dough?(index) =
          %w[flour fat].all? { |role| role_before?(index, role) } && @lines[0...index].any? { |line| wets?(line) }
        def role_before?(index, role) = @lines[0...index].any? { |line| line.role == role }
        def poured?(line) = (%w[puree cheese].include?(line.role) || milk?(line)) && !spooned?(line)
        def milk?(line) = line.role == "liquid" && line.ingredient != "water"
        def sweet?(line) = @catalogue.find_key(line.ingredient)&.group == "sugar" && !spooned?(line)
        # Water, one egg or a yolk, milk by the spoon.
        def wets?(line) =
          line.ingredient == "water" || (line.role == "egg" && single?(line)) || (milk?(line) && spooned?(line))
        def single?(line) = !line.grams.nil? && line.grams.value <= Constants.fetch(:crust, :glaze_most_g)
        def spooned?(line) = line.grams.nil? || line.grams.value <= Constants.fetch(:dishes, :second_liquid_g)
      end
    end
  end
end
