# frozen_string_literal: true

module Restauro
  module Dishes
    # What stands in one list and belongs to two: oil to fry in behind all, a sheet behind what it covers, a sauce and
    # the cheese on it.   Needs @recipe, group_of, wet? and flour?.
    module ListedApart
      private

      # "Oil, for frying" behind lists that have names goes to the coat, whatever stands with it.
      def oil_apart(lines)
        first = lines.first
        return [Grouping::Group.new(first.part, lines)] if first.part || first.equal?(@recipe.ingredients.first)

        lines.partition { |line| !line.to_fry_in? }.reject(&:empty?).map { |some| Grouping::Group.new(nil, some) }
      end

      # A bought sheet at the end of what it covers.
      def lid(group)
        at = group.lines.index { |line| group_of(line) == "pastry" }
        return [group] unless group.label.to_s.match?(Recipes::Parts::FILLING) && at&.positive?

        [Grouping::Group.new(group.label, group.lines[0...at]), Grouping::Group.new("Pastry", group.lines[at..])]
      end

      # "Topping: 2 cups marinara, 250 g mozzarella" over what is in crumbs: its sauce, and the cheese on that.
      def sauced(group)
        cheese, sauce = group.lines.partition { |line| line.role == "cheese" }
        crumbed = @recipe.ingredients.any? { |line| line.role == "crumb" && line.part != group.label }
        named = group.label.to_s.match?(Placing::TOPPED) && crumbed
        return [group] unless named && cheese.any? && wet?(sauce) && sauce.none? { |line| flour?(line) }

        [Grouping::Group.new("Sauce", sauce), Grouping::Group.new(nil, cheese)]
      end
    end
  end
end
