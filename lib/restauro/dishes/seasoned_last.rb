# frozen_string_literal: true

module Restauro
  module Dishes
    # Salt, pepper and the leaves for the table that end a list are no part of their own, and hide nothing that stands
    # before them: they are put aside while the groups are found, and then go where they belong.
    #   Needs @recipe.
    module SeasonedLast
      LEAVES = %w[herb table].freeze
      private_constant :LEAVES

      private

      # @param lists [Array<Grouping::Group>] as headed   @yield those without what ends them   @return [Array<Group>]
      def with_seasonings(lists)
        tails = lists.map { |list| tail(list, lists) }
        return yield(lists) if tails.all?(&:empty?)

        bare = lists.zip(tails).filter_map { |list, tail| without(list, tail) }
        tails.each_with_index.reduce(yield(bare)) do |groups, (tail, index)|
          tail.empty? ? groups : put_back(groups, tail, lists, index)
        end
      end

      def without(list, tail) =
        (Grouping::Group.new(list.label, list.lines - tail) if list.lines.length > tail.length)

      # @return [Array<Recipes::Line>] none where there is nothing before them, or where a heading is over them alone
      def tail(list, lists)
        found = list.lines.reverse.take_while { |line| to_taste?(line) }.reverse
        return found if found.length < list.lines.length
        return [] if list.label || list.equal?(lists.first)

        found
      end

      # A pinch of it, at most.
      def to_taste?(line)
        if line.role == "seasoning"
          return line.grams.nil? || line.grams.value <= Constants.fetch(:uncertainty, :pinch_grams_most)
        end

        LEAVES.include?(line.kind) && line.grams.nil? && Recipes::Served.words?(line) && line.ingredient.nil?
      end

      # Behind what they stood behind; those of the whole dish with what is inside it, else with the first.
      def put_back(groups, tail, lists, index)
        before = (lists[index].lines - tail).last
        at = before && groups.index { |group| place_of(before, group) && !strewn?(group) }
        at ||= groups.index { |group| group.label.to_s.match?(Grouping::FILLING) } || 0
        lines = groups[at].lines
        behind = (before && place_of(before, groups[at])) || (lines.length - 1)
        lines = lines.dup.insert(behind + 1, *tail)
        groups.each_with_index.map { |group, place| place == at ? Grouping::Group.new(group.label, lines) : group }
      end

      # Cheese or crumbs alone are over the dish, and stay so.
      def strewn?(group) = group.lines.all? { |line| %w[cheese crumb].include?(line.role) }

      # A line may have lost its heading on the way.
      def place_of(line, group) =
        group.lines.index { |one| [one.text, one.source, one.number] == [line.text, line.source, line.number] }
    end
  end
end
