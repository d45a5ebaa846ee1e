# frozen_string_literal: true

module Restauro
  module Planning
    # The best plan of a meal by branch and bound over orders. Every cost falls as any step starts later, so that with
    # some orders decided the latest starts are the best of that state, and bound it. What still collides there is tried
    # both ways before one is chosen (probing): an order that cannot be decides the pair. The lowest bound first, each
    # dived along its cheaper child to a plan; when the list is empty the plan is proven.
    class Search
      # starts minutes before the hour (negative) · cost · bound · proven whether nothing better can be
      Result = Struct.new(:starts, :cost, :bound, :proven, keyword_init: true) do
        # How much better another plan could be, in weighted minutes.
        def gap = proven ? 0 : [(cost - bound) / 20, 0].max
      end
      PROBED = 3
      # Until there is a plan at all, few: it is found sooner.
      PROBED_AT_FIRST = 1
      # Every so many dives the newest is gone on from, not the most promising: plans sooner, bounds later.
      NEWEST_EVERY = 3

      # @param stop [#call] whether the time is up; the core has no clock
      # @param below [Integer, nil] cost that a plan must be under
      def initialize(problem, stop: -> { false }, below: nil)
        @problem = problem
        @stop = stop
        @below = below
        @resources = Resources.new(problem)
      end

      # @return [Result, nil] nil where nothing was found; see infeasible?
      def plan
        @open, @best, @dives = [], nil, 0
        @network = Network.new(@problem)
        root = @network.root
        @impossible = root.nil?
        @open << root if root
        dive(taken) until @open.empty? || @stop.call
        @impossible ||= @best.nil? && @open.empty? && @below.nil?
        @best && Result.new(starts: @best.latest, cost: @best.cost, bound: bound, proven: @open.empty?)
      end

      # Whether it is proven that there is no plan.
      def infeasible? = @impossible

      private

      def bound = [*@open.map(&:bound), @best.cost].min
      def known = @best&.cost || @below
      def better?(state) = known.nil? || state.bound < known

      # The list is kept with the lowest bound last.
      def taken
        @dives += 1
        return @open.delete_at(@newest || -1) if (@dives % NEWEST_EVERY).zero? && @newest && @newest < @open.length

        @open.pop
      end

      def put(state)
        @newest = @open.bsearch_index { |other| other.bound <= state.bound } || @open.length
        @open.insert(@newest, state)
      end

      # Down to a plan; the siblings wait in the list.
      def dive(state)
        while state && better?(state)
          return put(state) if @stop.call

          state = forced(state) or return
          state.at_least(@problem.least_cost(state.latest) + Rises.new(@network, state, @probes).least)
          return unless better?(state)

          ways = branches(state) or return keep(state)
          first, *others = ways.each { |way| way.at_least(state.bound) }.sort_by { |way| [way.bound, way.cost] }
          others.each { |other| put(other) }
          state = first
        end
      end

      def keep(state)
        @best = state
        @open.select! { |other| better?(other) }
      end

      # What can only be in one way is so; what is found on the way is kept for the choice.   @return [State, nil]
      def forced(state)
        loop do
          low = state.bound
          state = state.below(known)&.at_least(low) if known
          return unless state && better?(state)

          @probes = {}
          sure =
            state
              .clashing
              .first(known ? PROBED : PROBED_AT_FIRST)
              .lazy
              .map { |index| probe(state, index) }
              .find { |ways| ways.length < 2 }
          return state unless sure

          state = sure.first&.at_least(low) or return
        end
      end

      # Both orders of a pair, those that can be.   @return [Array<State>]
      def probe(state, index)
        one, other, = @network.pairs[index]
        ways =
          [state.with_pair(index, one, other), state.with_pair(index, other, one)].compact.select { |way| better?(way) }
        @probes[index] = ways
      end

      # The choice that costs most whichever way it goes.   @return [Array<State>, nil] nil where nothing collides
      def branches(state)
        choices = @probes.values + crowds(state)
        return if choices.empty?

        choices.min_by { |ways| ways.length < 2 ? [0, ways.length] : [1, -score(state, ways)] }
      end

      # What collides that is no pair, or no pair yet.
      def crowds(state)
        found = @resources.crowds(state.latest).reject { |crowd| crowd.steps.length == 2 && @probes.any? }
        found.first(PROBED).map { |crowd| orders(state, crowd).select { |way| better?(way) } }
      end

      def score(state, ways)
        rises = ways.map { |way| way.bound + way.cost - state.bound - state.cost }.sort
        (4 * rises[0] + rises[1]) * 2.0 / ways.length
      end

      # Every way in which one of the crowd ends before another begins.
      def orders(state, crowd)
        crowd
          .steps
          .permutation(2)
          .filter_map do |one, other|
            state.with_order(one, other, @problem.minutes[one] + (crowd.gap || @resources.gap(one, other)))
          end
      end
    end
  end
end
