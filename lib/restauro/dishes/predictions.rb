# frozen_string_literal: true

module Restauro
  module Dishes
    # What each part of a dish is, as it stands: no swap.
    module Predictions
      module_function

      # @param dish [Dish]   @param choices [Choices]   @return [Array] the families' predictions, nil for a part without flour   @raise
      # [InvalidInput]
      def of(dish, choices, catalogue:)
        dish.parts.each_with_index.map { |part, index| part.family && one(dish, part, index, choices, catalogue) }
      end

      def one(dish, part, index, choices, catalogue)
        family = Families.fetch(part.family, catalogue)
        recipe = family.read(with_filling(dish, part, index))
        family.predict(recipe, Defaults.new(dish, index, catalogue).options(family, recipe,
                                                                            choices.of(dish, index)).then { |options| plain(options) })
      end

      # No target is solved for.
      def plain(options) = options.respond_to?(:target) && options.target ? options.with_choices(target: nil) : options

      # A crust or a filled piece is seen with what fills it.
      def with_filling(dish, part, index)
        guests = case part.family
                 when "crust" then dish.joins_from(index).select { |join| %w[lines covers].include?(join.how) }.map(&:to)
                 when "pasta" then dish.joins_to(index).select { |join| join.how == "fills" }.map(&:from)
                 else []
                 end
        lines = guests.flat_map { |guest| dish.parts[guest].lines.map { |line| line.with(part: Families::Crust::Parts::NAME) } }
        lines.empty? ? part.recipe : part.recipe.with(lines: part.recipe.lines + lines)
      end
    end
  end
end
