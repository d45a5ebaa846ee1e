# frozen_string_literal: true

module Restauro
  module Dishes
    # One part of a dish made larger or smaller than its recipe has it: a sauce for the pan that there is.
    module Sized
      module_function

      # @param sizes [Hash{String => Float}] part name => how many times   @return [Dish]   @raise [InvalidInput]
      def of(dish, sizes, catalogue)
        sizes = sizes.transform_keys(&:downcase)
        check(dish, sizes)
        scaled = dish.parts.map { |part| scaled(part, sizes[part.name.to_s.downcase], catalogue) }
        pairs = dish.parts.zip(scaled).flat_map { |old, new| old.recipe.lines.zip(new.recipe.lines) }
        dish.with(
          parts: scaled,
          recipe: dish.recipe.with(lines: dish.recipe.lines.map { |line| in_place_of(line, pairs) })
        )
      end

      def check(dish, sizes)
        unknown = sizes.keys - dish.parts.map { |part| part.name.to_s.downcase }
        return if unknown.empty?

        raise InvalidInput,
              "there is no part '#{unknown.first}' to make larger; the parts are #{dish.parts.map(&:name).join(", ")}"
      end

      # @param factor [Float, nil] nil leaves it   @return [Part]
      def scaled(part, factor, catalogue)
        factor ? part.with(recipe: Recipes::Scale.of(part.recipe, factor, catalogue: catalogue)) : part
      end

      # The whole recipe's line, at its part's size.
      def in_place_of(line, pairs)
        found = pairs.find do |old, _|
          !line.words? && old.text == line.text && old.number == line.number && old.ingredient == line.ingredient
        end
        found ? found.last.with(part: line.part) : line
      end
    end
  end
end
