module Restauro
  module Recipes
    # A recipe made larger or smaller: every amount times a factor, the line saying so.
    module Scale
      LEAST = 0.05
      MOST = 20.0
      SERVINGS =
        /\b(?:serves|servings?:?|makes|yields?:?)\D{0,12}(\d{1,3})\b|\b(\d{1,3})\s+(?:servings?|portions?|people)\b/i

      module_function

      # @param recipe [Recipe]   @param factor [Float] 0.05 to 20   @return [Recipe]   @raise [InvalidInput]
      def of(recipe, factor, catalogue:)
        unless factor.between?(LEAST, MOST)
          raise InvalidInput, "scale by #{LEAST} to #{MOST.round} times, got #{factor.round(3)}"
        end
        return recipe if (factor - 1).abs < 1e-9

        recipe.with(
          lines:
            recipe.lines.map do |line|
              line.words? ? line : counted(line, factor) || scaled(line, factor, catalogue, recipe.system)
            end
        )
      end

      # What is known by its name only keeps the cook's measure: "2 tbsp parsley", "3 onions".
      # @return [Line, nil] nil for what the catalogue has; as it is without an amount
      def counted(line, factor)
        return if line.ingredient && line.grams

        number, unit = line.amount_text && Numbers.read(Numbers.plain(line.amount_text))
        return line unless number

        amount = "#{Numbers.mixed(number.value * factor)}#{unit}"
        line.with(text: "#{amount} #{line.name_text}".strip, amount_text: amount, grams: line.grams&.*(factor))
      end

      # @return [Line] so many times as much, its text written anew
      def scaled(line, factor, catalogue, system)
        grams = line.grams * factor
        measure =
          line.ingredient && Measure.nearest(catalogue.fetch(line.ingredient), grams.value, KitchenUnits.of(system))
        name = line.name_text || catalogue.find_key(line.ingredient)&.say || line.text.strip
        line.with(
          grams: grams,
          text: "#{WeighedLine.tenths(grams.value.round(1))} g #{name}",
          amount_text: measure&.text,
          name_text: name
        )
      end

      # Servings that a title tells: "serves 4", "makes 12".   @return [Integer, nil]
      def servings(recipe)
        titles = recipe.lines.select { |line| line.role == "title" }.map(&:text)
        titles.filter_map { |title| SERVINGS.match(title)&.captures&.compact&.first }.first&.to_i
      end
    end
  end
end
