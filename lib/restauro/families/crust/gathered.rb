# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Whole fruit with a square of dough around each, its corners drawn together over it: apple dumplings.
      module Gathered
        WORDS, TITLE, CUT =
          DataFiles.words("families/crust/words.yml").values_at(:gathered, :gathered_by_name, :fruit_cut)
        private_constant :WORDS, :TITLE, :CUT

        module_function

        # @param recipe [Recipes::Recipe]   @return [Integer, nil] how many, where its title or a step says so
        def count(recipe, catalogue)
          whole(recipe.ingredients, catalogue)&.then { |line| Heat::PieceLine.how_many(line) } if said?(recipe)
        end

        # @param recipe [Recipes::Recipe]
        def said?(recipe) = recipe.title.to_s.match?(TITLE) || recipe.steps.any? { |line| line.text.match?(WORDS) }

        # The fruit, none of it cut up.   @param lines [Array<Recipes::Line>]   @return [Recipes::Line, nil]
        def whole(lines, catalogue)
          lines.find do |line|
            catalogue.find_key(line.ingredient)&.group == "fruit" && !line.text.match?(CUT) &&
              Heat::PieceLine.how_many(line)&.between?(2, Constants.fetch(:crust, :gathered_most))
          end
        end
      end
    end
  end
end
