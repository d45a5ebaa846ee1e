module Restauro
  module Families
    class Crust
      # Which lines of a recipe are its crust and which its filling: by the recipe's own parts, else fruit, vegetables and what is poured with them.
      #   The lines are marked: those of the filling stand in a part of that name, the crust's own in none.
      module Parts
        CRUST = /\b(?:crust|pastry|dough|base|case|shell|lid|crumble|topping|streusel|sheet)\b/i
        FILLING = /\b(?:fill(?:ing|ed)?|stuffing|custard|underneath|for the top)\b/i
        DISH = /\A(?:pastry|(?:pie )?crust|tart|pie|crumble|biscuits?|puff pastry|shortcrust pastry)/i
        NAME = "filling".freeze
        APART = %w[fruit vegetable cheese].freeze

        module_function

        # @param recipe [Recipes::Recipe]   @return [Recipes::Recipe]
        def marked(recipe, catalogue)
          named = recipe.lines.any? { |line| line.part.to_s.match?(CRUST) || line.part.to_s.match?(FILLING) }
          first = recipe.lines.index { |line| filled_in?(line, catalogue) } || recipe.lines.length
          recipe.with(lines: recipe.lines.each_with_index.map do |line, index|
            line.with(part: named ? by_part(line, recipe, catalogue) : by_kind(line, index > first, catalogue), warnings: own_words(line))
          end)
        end

        # A dish named tart or pastry is no wheat in the kitchen: it is what is made here.
        def own_words(line) = line.words? ? line.warnings.reject { |warning| warning.text.match?(DISH) } : line.warnings

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

        # Fruit and what comes after it, but for a crust's own flour and fat.
        def by_kind(line, after, catalogue)
          return NAME if filled_in?(line, catalogue)

          return if !after || line.words? || line.ingredient.nil?

          %w[flour fat].include?(line.role) || catalogue.fetch(line.ingredient).group == "pastry" ? nil : NAME
        end

        def filled_in?(line, catalogue)
          return line.role == "other" && !line.grams.nil? && line.understood unless line.ingredient

          APART.include?(catalogue.fetch(line.ingredient).group)
        end
      end
    end
  end
end
