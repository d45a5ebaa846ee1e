module Restauro
  module Diets
    # Puts what an eater may have in the place of what they may not, gram for gram by data/substitutions.yml.
    class Substitutes
      # @param catalogue [Catalogue]   @param exclusion [Exclusion]   @param roles [#call] ingredient => role of a recipe line
      def initialize(catalogue, exclusion, units:, table: DataFiles.yaml("substitutions.yml"))
        @catalogue = catalogue
        @exclusion = exclusion
        @units = units
        @table = table
        freeze
      end

      # @param recipe [Recipes::Recipe]   @return [Array<Substitution>] one for each counted line that must go, thickeners aside
      def of(recipe)
        excluded = recipe.ingredients.select { |line| line.ingredient && !@exclusion.allows?(@catalogue.fetch(line.ingredient)) }
        excluded.reject { |line| %w[thickener flour starch].include?(line.role) }.map { |line| substitution(line) }
      end

      private

      def substitution(line)
        row = @table.fetch(line.ingredient, []).find { |candidate| candidate["parts"].each_key.all? { |key| fits?(key) } }
        return Substitution.new(line: line, lines: [].freeze, costs: nil) unless row

        Substitution.new(line: line, lines: row["parts"].map { |key, share| written(line, @catalogue.fetch(key), share) }.freeze, costs: row["costs"])
      end

      def fits?(key)
        ingredient = @catalogue.find_key(key)
        ingredient && @exclusion.allows?(ingredient) && !ingredient.contains_gluten?
      end

      def written(line, ingredient, share)
        grams = line.grams && line.grams * Float(share)
        measure = grams && Measure.nearest(ingredient, grams.value, @units)
        text = grams ? Recipes::WeighedLine.text(grams.value, ingredient.say, measure&.text) : ingredient.say
        Recipes::Line.new(text: text, ingredient: ingredient.key, grams: grams, part: line.part, amount_text: measure&.text,
                          role: Recipes::LineReader::ROLES.fetch(ingredient.group, "other"))
      end
    end
  end
end
