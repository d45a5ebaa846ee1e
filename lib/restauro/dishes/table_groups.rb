# frozen_string_literal: true

module Restauro
  module Dishes
    # Lists that are headed for the table, or to finish a dish with: which stay with what they are eaten with, and which
    # are a part of their own.   Needs @recipe, @catalogue and flour?.
    module TableGroups
      TABLE, FINISH = DataFiles.words("dishes/words.yml").values_at(:for_the_table, :finish_heading)
      # Doughs by their names.
      BOILED = Regexp.union(Families::Detection::WORDS.values_at("gnocchi", "pasta"))
      TOSSED_IN = DataFiles.words("dishes/words.yml").fetch(:tossed_in_butter)
      private_constant :BOILED, :TOSSED_IN

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

      # Butter and onions at the end of a filling's list that a step turns the pieces in, by their names; butter
      # that a step fries the filling in stays there.
      # @return [Array<Group>] the filling, and what goes over
      def tossed_behind(group)
        return [group] unless group.label.to_s.match?(Grouping::FILLING) && @recipe.title.to_s.match?(BOILED)

        over = group.lines.reverse.take_while { |line| said(line).grep(TOSSED_IN).any? }.reverse
        fat = over.find { |line| line.role == "fat" }
        return [group] if fat.nil? || over == group.lines || (over == [fat] && said(fat).grep_v(TOSSED_IN).any?)

        [Grouping::Group.new(group.label, group.lines - over), over_dough(Grouping::Group.new(nil, over))]
      end

      # @return [Array<String>] sentences that name it; of one that turns the pieces, from there on
      def said(line) =
        Recipes::Sentences.of_steps(@recipe.lines).map { |text| text[(text.index(TOSSED_IN) || 0)..] }
                          .select { |text| Recipes::Sentences.name?(text, line) }

      # Cooked, then: no longer under a heading where nothing is.
      def over_dough(group) = Grouping::Group.new(OverDough::NAME, group.lines.map { |line| line.with(part: nil) })
      def table?(heading) = heading.to_s.match?(TABLE)
    end
  end
end
