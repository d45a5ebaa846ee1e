module Restauro
  module Families
    class Sauce
      # Which thickeners a swap uses, from what the cook chose and what must be kept out.
      class Choice
        BOOST, BROWNING, BOOSTERS =
          DataFiles.yaml("families/sauce/usual.yml").values_at("boosted", "browning", "boosters")

        # @param catalogue [Catalogue]   @param exclusion [Diets::Exclusion]   @param offer [Array<String>] keys at hand
        def initialize(catalogue, exclusion = Diets::Exclusion.new, offer: [])
          @offer = offer
          @catalogue = catalogue
          @exclusion = exclusion
          freeze
        end

        # @param keys [Array<String>] empty for what suits the school
        # @param own [Array<String>] the recipe's own thickeners   @param brown [Boolean] whether its roux is to brown
        # @return [Solver::Split]   @raise [InvalidInput]
        def split(keys, school: "roux", own: [], brown: false)
          keys = usual(school, own, brown) if keys.empty?
          ingredients = keys.map { |key| allowed!(@catalogue.fetch(key)) }
          return boosted(ingredients) if boost?(ingredients)

          Solver::Split.new(ingredients, ingredients.map { 1.0 / ingredients.length }, false)
        end

        def allowed?(ingredient) = @exclusion.allows?(ingredient)

        # The starch for a rescue: it must work within a minute.   @return [Ingredient]
        def rescuer =
          BOOSTERS.map { |key| @catalogue.fetch(key) }.find { |ingredient| allowed?(ingredient) } || any_allowed

        # Candidates beside the chosen thickeners, what is at hand first.
        # @param offer [Array<String>] keys at hand
        # @return [Array<Hash>] rows as in data/families/sauce/candidates.yml
        def candidates(chosen_keys, offer: [])
          rows = DataFiles.yaml("families/sauce/candidates.yml")
          others = (offer - rows.flat_map { |row| row["with"] }).map do |key|
            {"with" => [key], "gain" => "at hand", "cost" => @catalogue.fetch(key).note.to_s}
          end
          possible = (rows + others).select do |row|
            row["with"].sort != chosen_keys.sort && row["with"].all? { |key| usable?(key) }
          end
          possible.sort_by.with_index { |row, index| [(row["with"] - offer).length, index] }
        end

        # What may thicken this dish.   @return [Array(Array<Ingredient>, Array<Ingredient>)] allowed and not
        def thickeners = @catalogue.thickeners.partition { |ingredient| allowed?(ingredient) }

        # Lines of a recipe that hold something to be kept out.   @return [Array<Warning>]
        def warnings(recipe) = @exclusion.warnings(recipe, @catalogue)

        private

        def usable?(key)
          ingredient = @catalogue.find_key(key)
          ingredient && allowed?(ingredient) && ingredient.thickens? && !ingredient.contains_gluten?
        end

        def usual(school, own, brown)
          return own_starch(own) if school == "slurry"

          browning = (BROWNING & @offer | BROWNING).find { |key| allowed?(@catalogue.fetch(key)) } if brown
          browning ? [browning] : default
        end

        # The boosted blend; of what the shelf holds where that lacks one of the two.
        def default
          booster = (BOOSTERS & @offer | BOOSTERS).find { |key| allowed?(@catalogue.fetch(key)) }
          held = @offer & ["blend_with_gum", booster]
          return held if held.length == 1 && allowed?(@catalogue.fetch(held.first))

          keys = ["blend_with_gum", booster].compact.select { |key| allowed?(@catalogue.fetch(key)) }
          keys.empty? ? [any_allowed.key] : keys
        end

        # For a slurry the recipe's own starch where there is one, else maize or the next that may be eaten.
        def own_starch(own)
          found = (own + BOOSTERS).find do |key|
            @catalogue.fetch(key).then { |i| i.group == "starch" && allowed?(i) }
          end
          [found || any_allowed.key]
        end

        def any_allowed
          @catalogue.thickeners.find { |i| allowed?(i) } or
            raise InvalidInput, "nothing in the catalogue is left to thicken with; leave out less"
        end

        def allowed!(ingredient)
          @exclusion.allow!(ingredient, instead: suggestions)
          unless ingredient.thickens?
            raise InvalidInput, "#{ingredient.say} does not thicken a sauce by itself; choose #{suggestions}"
          end

          ingredient
        end

        def suggestions =
          @catalogue.thickeners.select { |i| i.group == "starch" && allowed?(i) }.map(&:key).first(4).join(", ")
        def boost?(ingredients) = ingredients.length == 2 && ingredients.map(&:key).sort == BOOST.sort

        # Two parts of blend to one of starch, by spoon.
        def boosted(ingredients)
          spoons = ingredients.map do |i|
            Constants.fetch(:sauce, i.group == "blend" ? :boost_spoons_blend : :boost_spoons_starch)
          end
          Solver::Split.new(ingredients, ingredients.zip(spoons).map { |i, n| i.tbsp_g * n }, true)
        end
      end
    end
  end
end
