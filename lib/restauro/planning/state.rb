# frozen_string_literal: true

module Restauro
  module Planning
    # Where a search stands: the latest and the earliest start of every step under the orders decided so far. With these
    # orders the latest starts are the best there are, waiting and span together. Never changed once it is settled:
    # every decision gives another.
    class State
      attr_reader :latest, :earliest, :cost
      # What nothing that comes of this state can cost less than.
      attr_reader :bound

      # @param after, before [Array<Array>] orders decided, by step: [other, least]
      # @param open [String] a byte a pair: 1 while undecided
      def initialize(network, latest, earliest, after, before, open)
        @network, @latest, @earliest, @after, @before, @open = network, latest, earliest, after, before, open
        @minutes = network.problem.minutes
      end

      # @return [State, nil] with one step before another by so many minutes; nil where that cannot be
      def with_order(one, other, least) = copy.order(one, other, least)&.settled([one, other])

      # One of a pair before the other.   @param index [Integer] of the pair   @return [State, nil]
      def with_pair(index, one, other)
        found = copy
        found.close(index)
        found.order(one, other, @minutes[one] + @network.pairs[index][2])&.settled([one, other])
      end

      # Nothing may start so early that the plan costs as much as one that is known.   @return [State, nil]
      def below(best)
        found = copy
        moved = found.cut(best)
        moved.empty? ? self : found.settled(moved)
      end

      # Pairs undecided that overlap where they stand now, the last to end first.   @return [Array<Integer>]
      def clashing
        found =
          @network.pairs.each_index.select { |index| @open.getbyte(index) == 1 && overlap?(*@network.pairs[index]) }
        found.sort_by { |index| -@network.pairs[index].first(2).map { |step| @latest[step] + @minutes[step] }.max }
      end

      # Until nothing moves: a start can only get earlier by what comes after it, later by what comes before.
      # @return [State, nil]
      def settled(work)
        queued = Array.new(@latest.length, false)
        work.each { |step| queued[step] = true }
        while (step = work.shift)
          queued[step] = false
          return unless links(step, work, queued) && @earliest[step] <= @latest[step] && decided(step, work, queued)
        end
        @cost = @network.problem.cost(@latest)
        @bound = @network.problem.least_cost(@latest)
        self
      end

      # A bound that is known of it, or of what it came of.
      def at_least(bound)
        @bound = [@bound, bound].max
        self
      end

      # Weighted waiting of two dishes.
      def waiting(dishes)
        problem = @network.problem
        dishes.sum do |dish|
          20 * problem.weights[dish] * -(@latest[problem.lasts[dish]] + @minutes[problem.lasts[dish]])
        end
      end

      protected

      def copy = State.new(@network, @latest.dup, @earliest.dup, @after.dup, @before.dup, @open.dup)
      def close(index) = @open.setbyte(index, 0)

      def order(one, other, least)
        @after[one] = [*@after[one], [other, least]]
        @before[other] = [*@before[other], [one, least]]
        self
      end

      # @return [Array<Integer>] steps whose earliest start rose
      def cut(best)
        problem = @network.problem
        room = best - 1 - problem.cost(@latest)
        wait = problem.cost(@latest) + @latest.min
        floors =
          problem.lasts.each_with_index.map do |step, dish|
            [step, @latest[step] - room / (20 * problem.weights[dish])]
          end + problem.firsts.map { |step| [step, wait - best + 1] }
        floors.select { |step, floor| @earliest[step] < floor && @earliest[step] = floor }.map(&:first)
      end

      private

      def overlap?(one, other, gap)
        @latest[one] < @latest[other] + @minutes[other] + gap && @latest[other] < @latest[one] + @minutes[one] + gap
      end

      def links(step, work, queued)
        [@network.out[step], @after[step]].each { |arcs| arcs.each { |to, least| tie(step, to, least, work, queued) } }
        [@network.into[step], @before[step]].each do |arcs|
          arcs.each { |from, least| tie(from, step, least, work, queued) }
        end
        @earliest[step] <= @latest[step]
      end

      def tie(from, to, least, work, queued)
        rise = @earliest[from] + least
        if @earliest[to] < rise
          @earliest[to] = rise
          again(to, work, queued)
        end
        drop = @latest[to] - least
        return true unless @latest[from] > drop

        @latest[from] = drop
        again(from, work, queued)
      end

      def again(step, work, queued)
        return true if queued[step]

        queued[step] = true
        work << step
      end

      # Pairs of which only one order is left take it.
      def decided(step, work, queued)
        @network.pairs_of[step].each do |index|
          next unless @open.getbyte(index) == 1

          one, other, gap = @network.pairs[index]
          first = @earliest[one] + @minutes[one] + gap <= @latest[other]
          second = @earliest[other] + @minutes[other] + gap <= @latest[one]
          next if first && second
          return false unless first || second

          close(index)
          before, after = first ? [one, other] : [other, one]
          order(before, after, @minutes[before] + gap)
          again(before, work, queued)
          again(after, work, queued)
        end
        true
      end
    end
  end
end
