# frozen_string_literal: true

module Restauro
  module Planning
    # A meal in an order that is given: the soonest hour at which everything can be ready, and then the latest starts
    # for it.
    class Order
      # @param meal [Meal]
      # @param limits [Limits]
      # @param follows [Array] pairs of [dish, step], the one done before the other begins
      # @param looser [Integer] minutes by which waits and holds are stretched
      def initialize(meal, limits, follows, looser)
        @meal = meal
        @limits = limits
        @follows = follows
        @looser = looser
        @problem = Problem.new(meal, looser: looser, limits: limits)
      end

      # @return [Array(Meal, Search::Result), nil] nil where this order cannot be, however late
      def starts
        soonest = longest_path or return
        delay = [soonest.last, 0].max
        meal = @meal.with(serve_at: @meal.serve_at + delay)
        problem = Problem.new(meal, looser: @looser, limits: @limits)
        latest = latest_of(problem) or return
        [
          meal,
          Search::Result.new(starts: latest, cost: problem.cost(latest), bound: problem.cost(latest), proven: false)
        ]
      end

      private

      def orders(problem)
        @follows.filter_map do |one, other|
          from, to = problem.index(*one), problem.index(*other)
          next if problem.fixed.key?(from) && problem.fixed.key?(to)

          Problem::Arc.new(from, to, problem.minutes[from] + Resources.new(problem).gap(from, to))
        end
      end

      # Earliest starts from now, the hour to eat as one more node.
      # @return [Array<Integer>, nil] the last is the hour's delay
      def longest_path
        hour = @problem.length
        arcs = @problem.arcs + orders(@problem) + to_the_hour(hour)
        earliest =
          Array.new(hour) { |step| @problem.fixed.fetch(step) { @problem.not_before || @problem.earliest } } << 0
        (hour + 2).times do
          moved = arcs.count { |arc| raised?(earliest, arc) }
          return fits?(earliest) ? earliest : nil if moved.zero?
        end
        nil
      end

      # Ready by the hour, and not longer before it than it bears.
      def to_the_hour(hour)
        @problem.lasts.each_with_index.flat_map do |step, dish|
          [
            Problem::Arc.new(step, hour, @problem.minutes[step]),
            Problem::Arc.new(hour, step, -@problem.minutes[step] - @problem.holds[dish])
          ]
        end
      end

      def raised?(earliest, arc)
        least = earliest[arc.from] + arc.least
        return false if earliest[arc.to] >= least

        earliest[arc.to] = least
      end

      # What has begun cannot have begun later.
      def fits?(earliest) = @problem.fixed.all? { |step, start| earliest[step] == start }

      def latest_of(problem)
        root = Network.new(problem).root
        orders(problem).reduce(root) { |state, arc| state&.with_order(arc.from, arc.to, arc.least) }&.latest
      end
    end
  end
end
