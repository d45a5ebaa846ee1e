module Restauro
  module Families
    class Batter
      # What a batter is for: told by words, else by how wet it is and whether it is to rise.
      module Style
        # Fritters that are deep-fried by their name (common practice).
        SWIMS = DataFiles.words("families/batter/words.yml").fetch(:swims)
        # Cut small, a thing is stirred in; a batter goes around what is larger.
        CUT_SMALL = DataFiles.words("families/batter/words.yml").fetch(:stirred_in)
        DICED = DataFiles.words("families/batter/words.yml").fetch(:diced)
        WHOLE = DataFiles.words("families/batter/words.yml").fetch(:whole_in_batter)
        BAKES = DataFiles.words("dishes/words.yml").fetch(:bakes)
        IN_A_TIN = DataFiles.words("families/batter/words.yml").fetch(:in_a_tin)
        POURED_AND_BAKED = DataFiles.words("families/batter/words.yml").fetch(:poured_and_baked)
        PANCAKE = /\b(?:#{DataFiles.yaml("families/batter/styles.yml").dig("pancake", "words")})/i

        module_function

        # @return [Hash] key => row of data/families/batter/styles.yml
        def all = DataFiles.yaml("families/batter/styles.yml")

        # @param recipe [Recipes::Recipe]   @param ratio [Float, nil]   @param gas_ml [Float]
        # @param fruity [Boolean] more fruit than flour: it lies in the batter   @return [String] key
        def of(recipe, ratio, gas_ml, fruity: false)
          return "coating" if Dipped.sandwich?(recipe)

          told = recipe.lines.select(&:words?).map(&:text).join("\n").then { |words| "#{words}\n#{words.tr("-", " ")}" }
          found = named(own_heading(recipe)) || named(told) ||
            (around?(recipe) ? "coating" : by_rung(Hydration::Rung.of(ratio)&.key, gas_ml, stirred_in?(recipe)))
          return "coating" if around_after_all?(found, recipe)
          return in_a_tin(recipe) if %w[coating pancake].include?(found) && told.match?(POURED_AND_BAKED)
          return found if found != "pancake" || told.match?(PANCAKE)

          poured(recipe, told, fruity: fruity)
        end

        # @return [String, nil] key of the style that such words tell
        def named(words) = words && all.find { |_, row| words.match?(/\b(?:#{row["words"]})/i) }&.first

        # "Onion rings" beside burgers: a part's own name says more of it than the dish's.   @return [String, nil]
        def own_heading(recipe)
          titles = recipe.lines.take_while { |line| line.role == "title" }
          titles.first.text.tr("-", " ") if titles.length > 1
        end

        # Slices called fritters are dipped; so is meat that is fried beside pancakes.
        def around_after_all?(found, recipe) =
          found == "fritter" ? main(recipe)&.text.to_s.match?(WHOLE) : found == "pancake" && fried_meat?(recipe)

        # As thin as a pancake's, and named after none.
        def poured(recipe, told, fruity:)
          return "pudding" if main(recipe)&.kind == "sausage"
          return "baked" if told.match?(BAKES) && fruity

          told.match?(IN_A_TIN) ? in_a_tin(recipe) : "pancake"
        end

        # Thin enough to pour and baked in a tin: risen on hot fat, or set around what is sweet.
        def in_a_tin(recipe)
          recipe.ingredients.any? { |line| line.ingredient == "granulated_sugar" } ? "baked" : "pudding"
        end

        # Meat in dice is still dipped; nobody dips leaves.
        def stirred_in?(recipe)
          thing = main(recipe) or return false
          return true if thing.kind == "wilt"

          thing.text.sub(thing.by_the_piece? ? DICED : "", "").match?(CUT_SMALL)
        end
        # Fish, prawns, chicken in pieces: it goes around them.
        def around?(recipe) = main(recipe)&.by_the_piece? && !stirred_in?(recipe)

        # Beside waffles, chicken has a batter of its own: no pancake is made with it.
        def fried_meat?(recipe) =
          %w[poultry quick_meat].include?(main(recipe)&.kind) && recipe.ingredients.any?(&:to_fry_in?)

        # The heaviest thing that is no batter, the first where nothing is weighed.   @return [Recipes::Line, nil]
        def main(recipe) =
          recipe.ingredients.select { |line| line.role == "other" }.max_by { |line| line.grams&.value.to_f }

        # @param rung [String, nil] key
        # @param gas_ml [Float] mL/100 g
        # @param stirred_in [Boolean]
        # @return [String] key
        def by_rung(rung, gas_ml, stirred_in)
          case rung
          when "spoonable", "soft_dough"
            gas_ml >= Constants.fetch(:batter, :lift_least_ml) ? "muffin" : "fritter"
          when "pouring", "runny"
            "pancake"
          else
            stirred_in ? "fritter" : "coating"
          end
        end

        # @return [String] what a style is called
        def says(key) = all.fetch(key)["says"]
      end
    end
  end
end
