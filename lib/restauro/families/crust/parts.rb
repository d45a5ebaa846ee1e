module Restauro
  module Families
    class Crust
      # Which lines of a recipe are its crust and which its filling: by the recipe's own parts, else fruit, vegetables
      # and what is poured with them.
      #   The lines are marked: those of the filling stand in a part of that name, the crust's own in none.
      module Parts
        CRUST = DataFiles.words("families/crust/words.yml").fetch(:crust)
        FILLING = DataFiles.words("families/crust/words.yml").fetch(:filling)
        NAME = "filling".freeze
        # A filling that is a part of its own, made by its own family.
        MADE = "filling, made".freeze
        # Beside it at the table, whatever the language of its heading.
        SERVED = "to serve".freeze

        module_function

        def filling?(line) = [NAME, MADE].include?(line.part) && !pot?(line)
        # As much fat as they are fried in, wherever it stands.   @param line [Recipes::Line]
        def pot?(line) = line.to_fry_in? && Heat::Frying.swims?([line])

        # @param recipe [Recipes::Recipe]   @return [Recipes::Recipe]
        def marked(recipe, catalogue)
          return recipe if recipe.lines.any? { |line| filling?(line) }

          named = recipe.ingredients.any? { |line| line.part.to_s.match?(CRUST) || line.part.to_s.match?(FILLING) }
          kinds = named ? nil : ByKind.new(recipe, catalogue)
          recipe.with(
            lines:
              recipe.lines.each_with_index.map do |line, index|
                next line.with(part: SERVED) if served?(line)

                line.with(part: named ? by_part(line, recipe, catalogue) : (NAME if kinds.inside?(line, index)))
              end
          )
        end

        # Under a heading of the table, or by its own words; what is poured over a pie there is a part of its own.
        def served?(line)
          return false if line.words? || line.part.to_s.match?(FILLING)

          line.part.to_s.match?(Recipes::Served::WORDS) || (line.part.nil? && Recipes::Served.words?(line))
        end

        # @return [String, nil] the filling's name, or nil for a line of the crust
        def by_part(line, recipe, catalogue)
          return if line.part.to_s.match?(CRUST) && !line.part.to_s.match?(FILLING)
          return NAME if line.part

          # Before any part: the filling, where the crust has a part of its own and there is no flour here.
          line.words? || !crust_named?(recipe) || flour_before?(recipe, catalogue) ? nil : NAME
        end

        def crust_named?(recipe) = recipe.ingredients.any? { |line| line.part.to_s.match?(CRUST) }

        def flour_before?(recipe, catalogue)
          before = recipe.ingredients.select { |line| line.part.nil? && line.ingredient }
          before.any? { |line| catalogue.fetch(line.ingredient).then { |i| i.starchy? || i.group == "pastry" } }
        end
      end
    end
  end
end
