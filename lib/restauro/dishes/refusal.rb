# frozen_string_literal: true

module Restauro
  module Dishes
    # What is not this trade: loaves, sponges, biscuits, choux. Said in one sentence, never turned into something else.
    module Refusal
      TABLE = DataFiles.yaml("dishes/refused.yml")
      OURS, FLAT = TABLE.values_at("ours", "flat").map { |words| DataFiles.pattern(words) }
      # Never made here; not made where there is no flour; not made where there is.
      NEVER, BARE, KINDS =
        TABLE.values_at("never", "bare", "kinds").map do |kinds|
          kinds.transform_values { |words| DataFiles.pattern(words) }.freeze
        end

      CAKE = "sponge or cake"
      SOAKED = "this is bread soaked in eggs and milk, and there is nothing to work out: take a bread labelled " \
               "gluten free, slice for slice, stale or toasted: it falls apart sooner"
      FRENCH_TOAST = DataFiles.words("dishes/words.yml").fetch(:french_toast)
      WRAPPERS = DataFiles.words("dishes/words.yml").fetch(:bought_wrappers)
      WRAPPED = "bought wrappers are sheets of wheat dough, and there is nothing to weigh in for them: type the " \
                "dough they are made of under a heading, such as 'For the wrappers', '200 g flour', '100 ml water'"
      DOUGHS = DataFiles.words("dishes/words.yml").fetch(:bought_doughs)
      BOUGHT = "bought dough is made of wheat, and there is nothing to weigh in for it: type what it is made of " \
               "under a heading, such as 'Topping', '200 g flour', '60 g butter', '120 ml milk', '2 tsp baking powder'"
      private_constant :FRENCH_TOAST, :DOUGHS, :BOUGHT, :CAKE, :SOAKED, :WRAPPERS, :WRAPPED

      module_function

      # @param recipe [Recipes::Recipe]   @raise [InvalidInput]
      def check!(recipe, catalogue)
        raise InvalidInput, Bound::ALONE if Bound.alone?(recipe.ingredients, recipe.title)

        raise InvalidInput, SOAKED if soaked_bread?(recipe)

        raise InvalidInput, WRAPPED if !dough?(recipe) && wrappers?(recipe)

        raise InvalidInput, BOUGHT if recipe.ingredients.any? { |line| line.text.match?(DOUGHS) }

        kind = named(recipe, catalogue) || loaf(recipe, catalogue) or return
        raise InvalidInput,
              "this is a #{kind}, which Restauro does not do: it does sauces, batters, crumb coats, crusts, gnocchi and pasta"
      end

      # Bread in eggs and milk, and nothing that thickens but, in what is called so, a spoon of flour.
      # @param recipe [Recipes::Recipe]
      def soaked_bread?(recipe)
        lines = recipe.ingredients
        spoon = recipe.title.to_s.match?(FRENCH_TOAST) && !dough?(recipe)
        lines = lines.reject { |line| line.role == "flour" } if spoon
        lines.any?(&:bread?) && lines.any? { |line| line.role == "egg" } &&
          lines.any? { |line| line.role == "liquid" } &&
          lines.none? { |line| %w[flour starch thickener crumb].include?(line.role) }
      end

      # More than a spoon to seal with.
      def dough?(recipe) =
        recipe.ingredients.sum { |line| line.role == "flour" ? line.grams&.value.to_f : 0.0 } >
          Constants.fetch(:dishes, :second_liquid_g)

      def wrappers?(recipe) = recipe.ingredients.any? { |line| line.text.match?(WRAPPERS) }

      # By the title, where flour is there to make it of.
      def named(recipe, catalogue)
        title = recipe.title.to_s
        never = [NEVER, (BARE unless flour?(recipe))].compact.flat_map(&:to_a).find { |_, words| title.match?(words) }
        return never.first if never
        if recipe.ingredients.any? { |line| line.ingredient == "filo_sheet" } && !flour?(recipe)
          return "pie of filo sheets"
        end
        return if title.match?(OURS) || !flour?(recipe)

        KINDS
          .find do |kind, words|
            title.match?(words) && !(kind == CAKE && unsweetened?(recipe, catalogue)) &&
              !(kind == "bread" && title.match?(/\b(?:with|on|and)\s+(?:\w+\s+)?(?:bread|toast)/i))
          end
          &.first
      end

      # Cakes of vegetables or fish: no cake is made without sugar.
      def unsweetened?(recipe, catalogue) =
        recipe.ingredients.none? { |line| catalogue.find_key(line.ingredient)&.group == "sugar" }

      def flour?(recipe) =
        recipe.ingredients.any? { |line| %w[flour starch thickener].include?(line.role) && line.grams }

      # Yeast in a kneaded dough that is not to be thin.
      def loaf(recipe, catalogue)
        return unless recipe.ingredients.any?(&:yeast?)
        return if recipe.lines.select(&:words?).any? { |line| line.text.match?(FLAT) }

        parts =
          recipe.ingredients.select(&:counted?).map { |line| [catalogue.fetch(line.ingredient), line.grams.value] }
        ratio = Hydration::WaterRatio.of(parts)
        "bread" if ratio&.between?(*%i[loaf_over loaf_under].map { |name| Constants.fetch(:detection, name) })
      end
    end
  end
end
