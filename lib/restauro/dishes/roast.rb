# frozen_string_literal: true

module Restauro
  module Dishes
    # A bird or a joint that goes into the oven by itself, and whose gravy is made beside it.
    module Roast
      NAME = "Roast"
      TITLE, STEP, NONE, SLOW =
        DataFiles.words("dishes/words.yml")
          .values_at(:roasted_by_name, :roasted_by_step, :roasted_with_sauce, :slow_roasts)
      DICED = Families::CompanionKinds::DICED
      MEATS = %w[poultry whole_meat quick_meat].freeze
      private_constant :TITLE, :STEP, :NONE, :SLOW, :DICED, :MEATS

      module_function

      # Whether the recipe roasts what it is named for.   @param recipe [Recipes::Recipe]
      def of?(recipe)
        # A part has its heading before the dish's name.
        titles = recipe.lines.select { |line| line.role == "title" }.map(&:text).first(2)
        return false if titles.any? { |text| text.match?(NONE) }

        titles.any? { |text| text.match?(TITLE) } || recipe.steps.any? { |line| step?(line.text) }
      end

      # Whether something of it is roasted by itself.   @param recipe [Recipes::Recipe]
      def alone?(recipe) = of?(recipe) && recipe.ingredients.any? { |line| meat?(line) }

      # A part that is a roast.   @param part [Part]
      def part?(part) = part.family.nil? && of?(part.recipe) && part.lines.any? { |line| meat?(line) }

      # What of the words is about it alone.   @param recipe [Recipes::Recipe]   @return [Recipes::Recipe]
      def told(recipe)
        return recipe if recipe.steps.none? { |line| step?(line.text) }

        recipe.with(lines: recipe.lines.select { |line| line.role != "step" || step?(line.text) })
      end

      # @param text [String] a sentence
      def step?(text) = text.match?(STEP)

      # A piece that is roasted whole; what was cooked before is not.   @param line [Recipes::Line]
      def meat?(line)
        return false if !MEATS.include?(line.kind) || line.text.match?(Families::CompanionKinds::READY)

        Families::WholeBird.is?(line) || (grams(line) >= Constants.fetch(:dishes, :roast_least_g) &&
          !line.text.match?(DICED))
      end

      # Crumbs, bread or mince in a bird: they are done later than it is.   @param line [Recipes::Line]
      def stuffing?(line) =
        line.role == "crumb" || line.bread? || line.text.match?(Bound::MINCE)

      # A bird that is filled with them, coated with nothing.   @param recipe [Recipes::Recipe]
      # @param lines [Array<Recipes::Line>] of it
      def stuffed?(recipe, lines) =
        of?(recipe) && lines.any? { |line| meat?(line) && Families::WholeBird.is?(line) } &&
          lines.any? { |line| stuffing?(line) }

      # @param lines [Array<Recipes::Line>]   @param inside [Array<Recipes::Line>] what it is filled with
      # @return [Float] min by the weight of the heaviest piece, and a bird's with its stuffing (common practice)
      def minutes(lines, inside = [])
        line = lines.max_by { |one| grams(one) }
        if line.kind == "poultry"
          each_g = Families::WholeBird.each_g(line)
          return bird_minutes(each_g * (1 + inside.sum { |one| grams(one) } / lines.sum { |one| grams(one) }) / 1000)
        end

        found = (figure(:roast_base_minutes) + grams(line) / 1000 * figure(:roast_meat_kg_minutes)).round
        line.text.match?(SLOW) ? [found, figure(:roast_slow_minutes)].max : found
      end

      # A large one is not as much thicker as it is heavier.   @param kilos [Float]   @return [Integer] min
      def bird_minutes(kilos)
        small = figure(:roast_base_minutes) + kilos * figure(:roast_bird_kg_minutes)
        [small, figure(:roast_large_base_minutes) + kilos * figure(:roast_large_kg_minutes)].min.round
      end

      # @param name [Symbol] of data/constants/dishes.yml   @return [Float]
      def figure(name) = Constants.fetch(:dishes, name)
      # @param line [Recipes::Line]   @return [Float]
      def grams(line) = line.grams&.value.to_f
    end
  end
end
