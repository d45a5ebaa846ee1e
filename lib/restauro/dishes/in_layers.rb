# frozen_string_literal: true

module Restauro
  module Dishes
    # Slices in one list with what is baked between them: raw, or floured and fried first.
    #   Needs @catalogue, @title, @recipe, part, flour?, wet? and milky?.
    module InLayers
      COATED = "Coated slices"

      private

      # Raw slices that a sauce is baked between, in one list with it.
      def layered(group)
        return if group.label || !@title.match?(Joins::LAYERED) || coated?(group.lines)

        two = RagoutAndWhiteSauce.new(@catalogue, group.lines).split
        return two.map { |name, lines| part(name, lines) } if two

        coat = floured_slices(group.lines)
        return coat if coat

        slices, sauce = group.lines.partition { |line| Bake.laid?(line) }
        thickens = sauce.any? { |line| flour?(line) } || slices.all? { |line| Bake.raw_layer?(line) }
        return [part("Layers", slices), part(nil, sauce)] if slices.any? && wet?(sauce) && thickens

        with_what_is_laid_under(slices, sauce)
      end

      # Aubergine in flour and egg, fried before it is laid between tomatoes and cheese.   @return [Array<Group>, nil]
      def floured_slices(lines)
        oil = lines.any?(&:to_fry_in?)
        slices = lines.select { |line| Bake.fried_layer?(line) || (oil && line.text.match?(Recipes::ToDredge::SLICES)) }
        coat = lines.select { |line| flour?(line) || line.role == "egg" || line.to_fry_in? } + slices
        cheese, sauce = (lines - coat).partition { |line| line.role == "cheese" }
        return if slices.empty? || coat.none? { |line| flour?(line) } || milky?(sauce) || !wet?(sauce)

        [part(COATED, lines & coat), part("Sauce", sauce), part(nil, cheese)].reject { |one| one.lines.empty? }
      end

      # Slices with egg and crumbs have a coat of their own before they are laid.
      def coated?(lines) =
        %w[egg crumb].all? { |role| lines.any? { |line| line.role == role } } &&
          lines.none? { |line| line.role == "liquid" }

      # The sauce stands under a heading of its own: the slices are laid, the rest is what goes between them.
      def with_what_is_laid_under(slices, rest)
        [part("Layers", slices), part("Filling", rest)] if slices.any? && rest.any? && @recipe.ingredients.any?(&:part)
      end
    end
  end
end
