# frozen_string_literal: true

module Restauro
  module Dishes
    # What goes over the rest of its list: crumbs by the dish's name, sheets of filo, a meringue.
    #   Needs @title, part, split, flour?, wet? and sugar?.
    module ToppedInList
      CRUMBS = DataFiles.words("dishes/words.yml").fetch(:crumb_topped)
      private_constant :CRUMBS

      private

      # Crumbs and the butter they are stirred into, by the dish's name, wherever they stand.
      def crumb_topping(group)
        at = group.lines.index { |line| line.role == "crumb" && line.grams }
        return unless at && @title.match?(CRUMBS) && group.lines.none? { |line| line.role == "egg" }

        top = [group.lines[at], *group.lines[(at + 1)..].take_while { |line| line.role == "fat" }]
        rest = group.lines - top
        [*split(part(nil, rest)), part(nil, top)] if rest.any? { |line| flour?(line) } && wet?(rest)
      end

      # What is under the sheets may hold more than one formula still.
      def filo_over(group)
        under, over = FiloOver.split(group.lines)
        over && [*split(part(nil, under)), part(FiloOver::NAME, over)]
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
