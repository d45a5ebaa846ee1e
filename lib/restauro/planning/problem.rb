# frozen_string_literal: true

module Restauro
  module Planning
    # A meal as numbers: every step an index, its minutes, the differences that must hold between starts. Time zero is
    # the hour to eat; all else is before it.
    class Problem
      # One thing at a time: after both, or at most so many of a crowd.
      Arc = Struct.new(:from, :to, :least)

      attr_reader :dishes,
                  :steps,
                  :minutes,
                  :dish_of,
                  :firsts,
                  :lasts,
                  :weights,
                  :holds,
                  :arcs,
                  :kitchen,
                  :earliest,
                  :fixed,
                  :not_before

      # @param meal [Meal]   @param looser [Integer] minutes by which every longest wait and every hold is stretched
      # @param limits [Limits] what has begun or is pinned, and before when nothing else can begin
      def initialize(meal, looser: 0, limits: Limits.new)
        @kitchen = meal.kitchen
        @dishes = dishes = limits.set ? meal.dishes : Ovens.shared(meal.dishes)
        @steps = dishes.flat_map(&:steps).freeze
        @minutes = @steps.map(&:minutes).freeze
        @dish_of = dishes.each_with_index.flat_map { |dish, index| [index] * dish.steps.length }.freeze
        @firsts = dishes.each_index.map { |index| @dish_of.index(index) }.freeze
        @lasts = dishes.each_index.map { |index| @dish_of.rindex(index) }.freeze
        @weights = dishes.map(&:weight).freeze
        @holds = dishes.map { |dish| dish.hold_minutes + looser }.freeze
        @earliest = -(60 * Constants.fetch(:planning, :earliest_hours)).round
        @arcs = (chains(looser) + gluten_last).freeze
        @fixed = fixed_of(limits, meal.serve_at).freeze
        @not_before = limits.not_before && limits.not_before - meal.serve_at
        @least_span = kitchen.cooks == 1 && @fixed.empty? ? @steps.select(&:attended).sum(&:minutes) : 0
        freeze
      end

      # @return [Integer] steps in all
      def length = steps.length

      # Minutes of one pair of hands that no plan can be shorter than; nothing where there are more hands, or something
      # has begun.
      attr_reader :least_span

      # The weighted waiting alone, 20 times.
      def waiting(starts) =
        20 * lasts.each_index.sum { |dish| weights[dish] * -(starts[lasts[dish]] + minutes[lasts[dish]]) }

      # 20 times the weighted waiting, and the whole span: waiting counts first, then the shortest.
      def cost(starts) = waiting(starts) - starts.min
      # What no plan that starts no later can be under.
      def least_cost(starts) = waiting(starts) + [-starts.min, least_span].max

      # Which step of which dish.   @return [Integer]
      def index(dish, step) = firsts.fetch(dish) + step

      private

      def fixed_of(limits, serve_at) = limits.starts.to_h { |(dish, step), from| [index(dish, step), from - serve_at] }

      # Where wheat is handled too: what is prepared without it comes first, on board and bench.
      def gluten_last
        wheat, free = dishes.each_index.partition { |dish| dishes[dish].wheat }
        wheat.flat_map do |dish|
          first = prepared(dish).first or next []
          free.filter_map { |other| prepared(other).last&.then { |last| Arc.new(last, first, minutes[last]) } }
        end
      end

      # Steps of the hands before anything of it goes to the heat.
      def prepared(dish)
        (firsts[dish]..lasts[dish])
          .take_while { |step| %w[hands rest].include?(steps[step].heat) }
          .select { |step| steps[step].attended }
      end

      # Each step after the one before it, and no later than it bears.
      def chains(looser)
        (0...(length - 1))
          .select { |step| dish_of[step] == dish_of[step + 1] }
          .flat_map do |step|
            wait = steps[step].longest
            [
              Arc.new(step, step + 1, minutes[step]),
              (Arc.new(step + 1, step, -(minutes[step] + wait + looser)) if wait)
            ].compact
          end
      end
    end
  end
end
