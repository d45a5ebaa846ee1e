module Restauro
  module Families
    class Crust
      # Which lines of a recipe are its crust and which its filling: by the recipe's own parts, else fruit, vegetables and what is poured with them.
      #   The lines are marked: those of the filling stand in a part of that name, the crust's own in none.
      module Parts
        CRUST = /\b(?:crust|pastry|dough|base|case|shell|lid|crumble|topping|streusel|sheet)\b/i
        FILLING = /\b(?:fill(?:ing|ed)?|stuffing|custard|underneath|for the top)\b/i
        NAME = "filling".freeze
        # A filling that is a part of its own, made by its own family.
        MADE = "filling, made".freeze
        SAUCED = %w[flour starch fat liquid].freeze
        APART = %w[fruit vegetable cheese].freeze

        module_function

        def filling?(line) = [NAME, MADE].include?(line.part)

        # @param recipe [Recipes::Recipe]   @return [Recipes::Recipe]
        def marked(recipe, catalogue)
          return recipe if recipe.lines.any? { |line| filling?(line) }

          named = recipe.lines.any? { |line| line.part.to_s.match?(CRUST) || line.part.to_s.match?(FILLING) }
          sheet = recipe.ingredients.any? { |line| line.ingredient && catalogue.fetch(line.ingredient).group == "pastry" }
          first = recipe.lines.index { |line| filled_in?(line, catalogue) } || recipe.lines.length
          watered = recipe.lines.any? { |line| line.ingredient == "water" } && (first < recipe.lines.length || sheet || eggs?(recipe))
          recipe.with(lines: recipe.lines.each_with_index.map do |line, index|
            line.with(part: named ? by_part(line, recipe, catalogue) : by_kind(line, index > first, watered, catalogue, sheet))
          end)
        end

        def eggs?(recipe) = recipe.lines.any? { |line| line.role == "egg" }

        def by_part(line, recipe, catalogue)
          return if line.part.to_s.match?(CRUST) && !line.part.to_s.match?(FILLING)
          return NAME if line.part

          # Before any part: the filling, where the crust has a part of its own and there is no flour here.
          line.words? || !crust_named?(recipe) || flour_before?(recipe, catalogue) ? nil : NAME
        end

        def crust_named?(recipe) = recipe.lines.any? { |line| line.part.to_s.match?(CRUST) }

        def flour_before?(recipe, catalogue)
          before = recipe.ingredients.select { |line| line.part.nil? && line.ingredient }
          before.any? { |line| catalogue.fetch(line.ingredient).then { |i| i.starchy? || i.group == "pastry" } }
        end

        # Fruit and what comes after it, but for a crust's own flour and fat; cream beside a dough that has its water.
        # Beside a bought sheet everything is filling but what it is brushed with.
        def by_kind(line, after, watered, catalogue, sheet)
          return NAME if sheet && line.ingredient && SAUCED.include?(catalogue.fetch(line.ingredient).group)

          return NAME if filled_in?(line, catalogue) || (watered && line.role == "liquid" && line.ingredient != "water")

          return if sheet && line.role == "egg" && line.grams && line.grams.value <= Constants.fetch(:crust, :glaze_most_g) && !watered

          return if !after || line.words? || line.ingredient.nil?
          return NAME if line.role == "flour" && line.grams && line.grams.value <= Constants.fetch(:dishes, :second_liquid_g)

          %w[flour fat].include?(line.role) || catalogue.fetch(line.ingredient).group == "pastry" ? nil : NAME
        end

        def filled_in?(line, catalogue)
          return line.role == "other" && (!line.grams.nil? || !line.understood) unless line.ingredient

          APART.include?(catalogue.fetch(line.ingredient).group)
        end
      end
    end
  end
end
