# frozen_string_literal: true

module Restauro
  module Dishes
    # A roast in one list with its gravy.   Needs @recipe, part, pieces, flour? and group_of.
    module RoastInList
      private

      # A bird, and what goes in it; what is thickened beside it is its gravy.
      def stuffed(group)
        return unless Roast.stuffed?(@recipe, group.lines)

        gravy = group.lines.drop_while { |line| line.role != "fat" && !thickens?(line) }
        gravy = [] if gravy.none? { |line| thickens?(line) }
        inside = group.lines - gravy
        return unless Roast.stuffed?(@recipe, inside)

        [part(group.label || Roast::NAME, inside), *(pieces(part("Gravy", gravy)) if gravy.any?)]
      end

      def thickens?(line) = line.counted? && %w[flour starch thickener].include?(line.role)

      # What is roasted, and all that is with it where nothing of that is thickened.
      def roasted(group)
        meat = group.lines.select { |line| Roast.meat?(line) }
        return if meat.empty? || group.lines.any? { |line| group_of(line) == "pastry" }
        return if !Roast.of?(@recipe) || @recipe.ingredients.none? { |line| flour?(line) }
        return [part(Roast::NAME, group.lines)] if group.lines.none? { |line| flour?(line) }

        [part(Roast::NAME, meat), *pieces(part("Gravy", group.lines - meat))]
      end
    end
  end
end
