module Restauro
  module Diets
    # What must stay out of a dish: allergens, groups and single ingredients.
    class Exclusion
      attr_reader :diets

      # @param words [Array<String>] diets, allergens, groups or keys, in that order where a word is several
      # @raise [InvalidInput]
      def self.of(words, catalogue)
        known = Diets.all.map(&:key)
        diets, others = words.map { |word| Diets.meant(word) }.uniq.partition { |word| known.include?(word) }
        others = others.group_by { |word| kind(word, catalogue) }
        new(
          diets: diets.map { |key| Diets.fetch(key) },
          allergens: others.fetch(:allergen, []),
          groups: others.fetch(:group, []),
          keys: others.fetch(:key, [])
        )
      end

      def self.kind(word, catalogue)
        return :allergen if catalogue.any? { |ingredient| ingredient.allergens.include?(word) }
        return :group if catalogue.any? { |ingredient| ingredient.group == word }
        return :key if catalogue.key?(word)

        raise InvalidInput,
              "'#{word}' is no diet, allergen, group or ingredient; type such as " \
                "#{Diets.all.map(&:key).first(3).join(", ")}, maize or corn_starch"
      end

      def initialize(diets: [], allergens: [], groups: [], keys: [])
        @diets = diets.freeze
        @allergens = (allergens + diets.flat_map(&:allergens)).uniq.freeze
        @groups = (groups + diets.flat_map(&:groups)).uniq.freeze
        @keys = (keys + diets.flat_map(&:keys)).uniq.freeze
        freeze
      end

      def empty? = [@allergens, @groups, @keys].all?(&:empty?)

      # What holds gluten is out, whoever eats.   @param ingredient [Ingredient]
      def allows?(ingredient)
        !ingredient.contains_gluten? && !@keys.include?(ingredient.key) && !@groups.include?(ingredient.group) &&
          !ingredient.allergens.intersect?(@allergens)
      end

      # A thickener, flour or coat that the cook has chosen.
      # @param instead [String] what to choose
      # @return [Ingredient]
      # @raise [InvalidInput]
      def allow!(ingredient, instead:)
        raise InvalidInput, "#{ingredient.say} holds gluten; choose #{instead}" if ingredient.contains_gluten?
        unless allows?(ingredient)
          raise InvalidInput, "#{ingredient.say} is on the list of what to leave out; choose #{instead}"
        end

        ingredient
      end

      # Words of a line that a diet leaves out, whatever the line was read as: walnut oil is an oil.
      def named(text)
        @diets
          .flat_map { |diet| diet.words.to_a }
          .find { |word| text.match?(/\b#{Regexp.escape(word)}(?:s|es)?\b(?!-free| free)/i) }
      end

      # What of these lines an eater may not have after all.
      # @param lines [Array<Recipes::Line>]
      # @return [Array<String>]
      def held_in(lines, catalogue)
        lines
          .select { |line| ingredient(line, catalogue)&.then { |found| !allows?(found) } || named(line.text) }
          .map { |line| line.text.strip }
      end

      # Lines of a recipe that hold something to be kept out.   @return [Array<Warning>]
      def warnings(recipe, catalogue)
        recipe.ingredients.filter_map do |line|
          ingredient = ingredient(line, catalogue)
          next held(line, ingredient.say) if ingredient && !allows?(ingredient)

          named(line.text)&.then { |word| held(line, word) }
        end
      end

      private

      # Eggs that are boiled, or broken whole into a sauce, are in no formula, and eggs all the same.
      def ingredient(line, catalogue)
        of_its_kind = DataFiles.yaml("ingredients/kinds.yml").dig(line.kind, "ingredient")
        catalogue.find_key(line.ingredient || of_its_kind)
      end

      def held(line, what)
        Warning.new(
          code: :holds_excluded,
          line: line.text,
          text: "#{what} is on the list of what to leave out: change this line"
        )
      end
    end
  end
end
