# frozen_string_literal: true

module Restauro
  module Planning
    # What changed from one plan to the next, as a cook needs to hear it.
    module Moves
      MOST = 3

      module_function

      # @param before [Plan]
      # @param after [Plan]
      # @param from [Numeric] minute: what lies before is past
      # @return [Array<String>]
      def words(before, after, from:)
        [hour(before, after), *starts(before, after, from), *waits(before, after), *breaks(after.clashes)].compact
      end

      # The first of what gives, and how much more does.
      def breaks(clashes)
        more = clashes.length - MOST
        more.positive? ? [*clashes.first(MOST), "and #{more} more like it"] : clashes
      end

      # @return [String, nil] when to eat, where that has moved
      def hour(before, after)
        return if before.meal.serve_at == after.meal.serve_at

        "Eat at #{Meal.clock(after.meal.serve_at)} instead of #{Meal.clock(before.meal.serve_at)}"
      end

      # The first things that are moved.
      def starts(before, after, from)
        old = Slip.keyed(before)
        moved = Slip.keyed(after).select { |key, task| task.from >= from && (task.from - old.fetch(key).from).abs >= 1 }
        moved
          .sort_by { |_, task| task.from }
          .first(MOST)
          .map do |key, task|
            "#{task.dish}: #{act(task)} at #{Meal.clock(task.from)} instead of #{Meal.clock(old.fetch(key).from)}"
          end
      end

      # @return [String] a task in a few words
      def act(task) =
        task.step.oven? ? "into the oven" : task.step.text.split(/[.,;:]/).first.to_s[0, 50].sub(/\A\p{Lu}/, &:downcase)

      # @return [Array<String>] what now waits for what
      def waits(before, after)
        old = before.waits.to_h
        after.waits.filter_map do |dish, minutes|
          more = minutes - old.fetch(dish, 0)
          "#{dish} waits #{more} min more" if more.positive?
        end
      end
    end
  end
end
