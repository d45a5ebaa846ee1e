# frozen_string_literal: true

module Restauro
  module Dishes
    # What goes over the rest of its list: crumbs by the dish's name, sheets of filo, a meringue.
    #   Needs @title, part, split, flour?, wet?, milk?, sugar?, group_of and least_g.
    module ToppedInList
      CRUMBS, CREAM_PIE, DROPPED =
        DataFiles.words("dishes/words.yml").values_at(:crumb_topped, :cream_pie, :dropped_on_a_stew)
      private_constant :CRUMBS, :CREAM_PIE, :DROPPED

      private

      # Crumbs and the butter they are stirred into, by the dish's name, wherever they stand.
      def crumb_topping(group)
        at = group.lines.index { |line| line.role == "crumb" && line.grams }
        return unless at && @title.match?(CRUMBS) && group.lines.none? { |line| line.role == "egg" }

        top = with_its_fat(group.lines, at)
        rest = group.lines - top
        [*split(part(nil, rest)), part(nil, top)] if rest.any? { |line| flour?(line) } && wet?(rest)
      end

      # Food and crumbs in their butter, whose sauce has a heading of its own.
      def crumbs_over_food(group)
        at = group.lines.index { |line| line.role == "crumb" && line.grams } or return
        top = with_its_fat(group.lines, at)
        rest = group.lines - top
        return if top.one? || rest.none? { |line| line.role == "other" && line.grams } || wet?(rest)
        return if rest.any? { |line| flour?(line) } || CrustOfCrumbs.of?(@title, group.lines)

        [part(nil, rest), part(nil, top)] if @recipe.ingredients.any? { |line| line.part && flour?(line) }
      end

      # Crumbs, and the fat right behind them.
      def with_its_fat(lines, at) = [lines[at], *lines[(at + 1)..].take_while { |line| line.role == "fat" }]

      # What is under the sheets may hold more than one formula still.
      def filo_over(group)
        under, over = FiloOver.split(group.lines)
        over && [*split(part(nil, under)), part(FiloOver::NAME, over)]
      end

      # Cornbread or scone dough that is dropped on a stew: from its first flour on, all of it with what lifts it.
      def dropped_over(group)
        at = group.lines.index { |line| dough_flour?(line) } or return
        stew, dough = group.lines[0...at], group.lines[at..]
        return unless @title.match?(DROPPED) && stew.any? { |line| line.role == "other" }
        return if dough.none? { |line| line.role == "lift" } || dough.none? { |line| wet?([line]) }

        [*split(part("Filling", stew)), part("Topping", dough)]
      end

      # More of it than a stew is thickened with.
      def dough_flour?(line) =
        (flour?(line) || group_of(line) == "meal") && line.grams && line.grams.value > least_g

      # Cream at the end of a cream pie, whose filling has its milk: whipped over it.
      def cream_over(group)
        at = group.lines.rindex { |line| line.ingredient == "heavy_cream" } or return
        rest, over = group.lines[0...at], group.lines[at..]
        return unless @title.match?(CREAM_PIE) && rest.any? { |line| milk?(line) }
        return unless over.drop(1).all? { |line| sugar?(line) || line.role == "seasoning" }

        [*split(part(nil, rest)), part(Placing::WHIPPED, over)]
      end

      # Whites with their sugar at the end of a pie that is named so.
      def meringue_over(group)
        at = group.lines.index { |line| line.ingredient == "egg_white" } or return
        return unless @title.match?(Crowning::MERINGUE) && at.positive?

        over = group.lines[at..].take_while { |line| line.role == "egg" || line.role == "seasoning" || sugar?(line) }
        over.length > 1 ? [*split(part(nil, group.lines - over)), part("Meringue", over)] : nil
      end
    end
  end
end
