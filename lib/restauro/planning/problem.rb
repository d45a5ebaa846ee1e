# frozen_string_literal: true

module Restauro
  module Planning
    # A meal as numbers: every step an index, its minutes, the differences that must hold between starts. Time zero is the hour to eat; all
    # else is before it.
    class Problem
      # One thing at a time: after both, or at most so many of a crowd.
      Arc = Struct.new(:from, :to, :least)

      attr_reader :steps, :minutes, :dish_of, :firsts, :lasts, :weights, :holds, :arcs, :kitchen, :earliest

      # @param meal [Meal]   @param looser [Integer] minutes by which every longest wait and every hold is stretched
      def initialize(meal, looser: 0)
        @kitchen = meal.kitchen
        dishes = Ovens.shared(meal.dishes)
        @steps = dishes.flat_map(&:steps).freeze
        @minutes = @steps.map(&:minutes).freeze
        @dish_of = dishes.each_with_index.flat_map { |dish, index| [index] * dish.steps.length }.freeze
        @firsts = dishes.each_index.map { |index| @dish_of.index(index) }.freeze
        @lasts = dishes.each_index.map { |index| @dish_of.rindex(index) }.freeze
        @weights = dishes.map(&:weight).freeze
        @holds = dishes.map { |dish| dish.hold_minutes + looser }.freeze
        @earliest = -(60 * Constants.fetch(:planning, :earliest_hours)).round
        @arcs = chains(looser).freeze
        freeze
      end

      def length = steps.length

      # 20 times the weighted waiting, and the whole span: waiting counts first, then the shortest.
      def cost(starts)
        wait = lasts.each_index.sum { |dish| weights[dish] * -(starts[lasts[dish]] + minutes[lasts[dish]]) }
        20 * wait - starts.min
      end

      private

      # Each step after the one before it, and no later than it bears.
      def chains(looser)
        (0...length - 1).select { |step| dish_of[step] == dish_of[step + 1] }.flat_map do |step|
          wait = steps[step].longest
          [Arc.new(step, step + 1, minutes[step]), (Arc.new(step + 1, step, -(minutes[step] + wait + looser)) if wait)].compact
        end
      end
    end
  end
end
