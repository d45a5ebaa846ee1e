module Restauro
  module Families
    class Sauce
      # What to type where nothing is poured: a thickener alone is no sauce yet.
      module WithoutLiquid
        ROUX = DataFiles.words("families/sauce/words.yml").fetch(:roux_by_name)
        private_constant :ROUX

        module_function

        # @param recipe [Recipes::Recipe]   @raise [InvalidInput] always
        def refuse(recipe) = raise InvalidInput, words(recipe)

        # @param recipe [Recipes::Recipe]   @return [String] what was not read, and what to type
        def words(recipe)
          flour_g = recipe.ingredients.sum { |line| line.role == "thickener" ? line.grams&.value.to_f : 0.0 }
          if recipe.ingredients.none? { |line| line.role == "thickener" }
            "no flour to replace was read, and no liquid that it thickens: type lines such as '3 tbsp flour' and " \
              "'500 ml stock'"
          elsif flour_g.positive? && recipe.title.to_s.match?(ROUX)
            "a roux is as thick as what it goes into, and no liquid was read: type what it is for, such as " \
              "'#{(flour_g * Constants.fetch(:dishes, :stewed_times)).round(-1)} ml stock'"
          else
            "no liquid was read; a sauce needs a line such as '2 cups milk', '500 ml stock' or '500 g rhubarb'"
          end
        end
      end
    end
  end
end
