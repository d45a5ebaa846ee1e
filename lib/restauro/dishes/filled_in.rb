# frozen_string_literal: true

module Restauro
  module Dishes
    # Lines of a filling that its crust makes itself, flour and all: no sauce is made of them first.
    #   Needs @recipe, @catalogue and wet?.
    module FilledIn
      private

      # Fruit, or under a heading of what is filled in meat, or what eggs set in the oven, that its crust makes.
      def filled_in?(group) =
        fruit_in_its_juice?(group) ||
          (group.label.to_s.match?(Recipes::Parts::FILLING) &&
            (made_by_its_crust?(group) || Families::Crust::Filling.set_by_eggs?(group.lines, @catalogue)))

      # Meat that goes raw into a crust, turned in a spoon of flour, or with one for its juice: no sauce is made of it.
      def made_by_its_crust?(group)
        return true if Families::RawFilling.packed(@recipe, group.lines)

        group.lines.any? { |line| BeginsAgain::MEATS.include?(line.kind) } &&
          group.lines.none? { |line| %w[liquid puree fat].include?(line.role) || wet?(line) }
      end

      # Fruit with a spoon of starch is a filling of the crust over it, not a sauce.
      def fruit_in_its_juice?(group)
        poured = group.lines.sum { |line| line.role == "liquid" && line.grams ? line.grams.value : 0.0 }
        group.lines.any? { |line| @catalogue.find_key(line.ingredient)&.group == "fruit" } &&
          poured <= Constants.fetch(:crust, :juicy_liquid_g) &&
          group.lines.none? do |line|
            line.role == "fat" && line.grams && line.grams.value > poured + Constants.fetch(:dishes, :second_liquid_g)
          end
      end
    end
  end
end
