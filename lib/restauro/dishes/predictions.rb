# frozen_string_literal: true

module Restauro
  module Dishes
    # What each part of a dish is, as it stands: no swap.
    module Predictions
      module_function

      # @param dish [Dish]
      # @param choices [Choices]
      # @return [Array] the families' predictions, nil for a part without flour
      # @raise
      # [InvalidInput]
      def of(dish, choices, catalogue:)
        dish.parts.each_with_index.map { |part, index| part.family && one(dish, part, index, choices, catalogue) }
      end

      # @return [Object, nil] the family's prediction of one part
      def one(dish, part, index, choices, catalogue)
        family = Families.fetch(part.family, catalogue)
        recipe = family.read(with_filling(family, dish, part, index))
        family.predict(recipe, plain(choices.options(family, dish, index, recipe)))
      end

      # No target is solved for.
      def plain(options) = options.respond_to?(:target) && options.target ? options.with_choices(target: nil) : options

      # A crust or a filled piece is seen with what fills it.
      def with_filling(family, dish, part, index)
        under = ->(line) { line.with(part: Families::Crust::Parts::NAME) }
        lines = family.holds(Place.new(dish, index)).flat_map { |guest| dish.parts[guest].lines.map(&under) }
        lines.empty? ? part.recipe : part.recipe.with(lines: part.recipe.lines + lines)
      end
    end
  end
end
