# frozen_string_literal: true

module Restauro
  module Dishes
    # Where a group of lines goes: on top of the dish, or into it.   Needs @recipe, thickened? and wet?.
    module Placing
      # Mash or cheese on a sauce (a pizza's topping lies on its own crust).
      TOPPED = DataFiles.words("dishes/words.yml").fetch(:topping_heading)

      # Salads and dips: nothing is baked or simmered with them.
      SPOONED = DataFiles.words("dishes/words.yml").fetch(:spooned_beside)
      private_constant :SPOONED

      # What is whipped to go over a cream pie.
      WHIPPED = "Cream"

      private

      def place(group, groups)
        return :main if groups.length == 1 || group.label.to_s.match?(Recipes::Parts::FILLING)
        return :top if named_top?(group)
        return :table if at_the_table?(group)

        return :main if thickened?(group) || CrustOfCrumbs.of?(@recipe.title, group.lines)
        return :main if Bound.by_crumbs?(group.lines, group.label || @recipe.title)
        return :top if CrackedEggs.alone?(group.lines) || FiloOver.alone?(group.lines)
        return :top if Partition.cheese?(group.lines) && group.label.nil? && groups.length > 1

        on_a_sauce = group.label.to_s.match?(TOPPED) && groups.any? { |other| thickened?(other) }
        strewn?(group) || (on_a_sauce && !beside?) ? :top : :main
      end

      # Salads, dips, and what is only there to serve.
      def at_the_table?(group) =
        (group.label.to_s.match?(SPOONED) && !thickened?(group)) ||
          group.lines.all? { |line| line.kind == "table" && Recipes::Served.words?(line) }

      def strewn?(group) =
        group.lines.any? { |line| LineKinds.strewn?(line) } && group.lines.none? { |line| wet?(line) }

      # A meringue, slices over a stew, what goes on when all else is done.
      def named_top?(group) =
        group.label.to_s.match?(Crowning::MERINGUE) || [OneList::ON_TOP, Crisped::NAME].include?(group.label) ||
          (last?(group) && Crowning.cold?(group.lines, @catalogue))

      def last?(group) = group.label == WHIPPED || group.label.to_s.match?(Grouping::FINISH)

      # "Sausages with mash" has it beside; "fish pie with mash" on top.
      def beside? =
        @recipe.title.to_s.then { |title| title.match?(OneList::MASH_BESIDE) && !title.match?(OneList::MASHED) }
    end
  end
end
