# frozen_string_literal: true

module Restauro
  module Dishes
    # Lists that are headed for the table, or to finish a dish with: which stay with what they are eaten with, and which
    # are a part of their own.   Needs @recipe, @catalogue and flour?.
    module TableGroups
      TABLE, FINISH = DataFiles.words("dishes/words.yml").values_at(:for_the_table, :finish_heading)
      # Doughs by their names.
      BOILED = Regexp.union(Families::Detection::WORDS.values_at("gnocchi", "pasta"))
      private_constant :BOILED

      private

      # What only goes to the table stays with the last part before it that is made of flour, never with what is inside
      # that.
      def at_the_table(groups)
        groups.each_with_object([]) do |group, kept|
          table = table?(group.label) && group.lines.none? { |line| flour?(line) }
          next kept << group if table && laid_on?(group, groups)
          next kept << over_dough(group) if table && kept.any? && turned_in?(group, groups)

          next kept << Grouping::Group.new(nil, group.lines) if table && kept.any? && baked_on?(group)

          home =
            (
              if table
                kept.rindex { |other| other.lines.any? { |line| flour?(line) } } || (kept.length - 1 if kept.any?)
              end
            )
          home ? kept[home] = Grouping::Group.new(kept[home].label, kept[home].lines + group.lines) : kept << group
        end
      end

      # "To finish: 400 g strawberries" goes on a tart when that is cold.
      def laid_on?(group, groups) =
        group.label.match?(FINISH) && Crowning.cold?(group.lines, @catalogue) &&
          groups.any? { |other| other.label.to_s.match?(Grouping::CRUSTY) }

      # "To finish: 125 g mozzarella" browns on a dish that is baked.
      def baked_on?(group) =
        group.label.match?(FINISH) && Partition.cheese?(group.lines) && Said.of(@recipe).baked

      # Butter, or onions that are raw still, behind a dough that is boiled: it is turned in them.
      def turned_in?(group, groups) =
        @recipe.title.to_s.match?(BOILED) && groups.none? { |other| other.label.to_s.match?(Meetings::POURED) } &&
          group.lines.all? { |line| line.role != "liquid" } &&
          group.lines.any? { |line| line.grams && (line.role == "fat" || line.kind == "soften") }

      def over_dough(group) = Grouping::Group.new(OverDough::NAME, group.lines)
      def table?(heading) = heading.to_s.match?(TABLE)
    end
  end
end
