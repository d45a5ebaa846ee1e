# frozen_string_literal: true

module Restauro
  module Planning
    # The best plan of a meal by branch and bound over orders. Every cost falls as any step starts later, so that with some orders decided the latest
    # starts are the best of that node, and bound it; what still collides there is branched on. The lowest bound first, each dived along its cheaper
    # child to a plan; when the list is empty the plan is proven.
    class Search
      Node = Struct.new(:bound, :latest, :earliest, :orders)
      # starts minutes before the hour (negative) · cost · bound · proven whether nothing better can be
      Result = Struct.new(:starts, :cost, :bound, :proven, keyword_init: true) do
        # How much better another plan could be, in weighted minutes.
        def gap = proven ? 0 : [(cost - bound) / 20, 0].max
      end
      PROBED = 10

      # @param stop [#call] whether the time is up; the core has no clock
      def initialize(problem, stop: -> { false })
        @problem = problem
        @stop = stop
        @propagation = Propagation.new(problem)
        @resources = Resources.new(problem)
      end

      # @return [Result, nil] nil where nothing was found; see infeasible?
      def plan
        @open, @best = [], nil
        root = @propagation.root
        @impossible = root.nil?
        @open << node(*root, []) if root
        dive(@open.delete(@open.min_by(&:bound))) until @open.empty? || done?
        @impossible ||= @best.nil? && @open.empty?
        @best && Result.new(starts: @best[0], cost: @best[1], bound: bound, proven: @open.empty?)
      end

      # Whether it is proven that there is no plan.
      def infeasible? = @impossible

      private

      def done? = @stop.call
      def bound = (@open.map(&:bound) << @best[1]).min
      def node(latest, earliest, orders) = Node.new(@problem.cost(latest), latest, earliest, orders)
      def better?(node) = @best.nil? || node.bound < @best[1]

      # Down to a plan; the siblings wait in the list.
      def dive(node)
        while node && better?(node)
          crowds = @resources.crowds(node.latest)
          return keep(node) if crowds.empty?

          node = cheapest(children(node, crowds))
          return put_back(node) if done?
        end
      end

      def keep(node)
        @best = [node.latest, node.bound]
        @open.select! { |other| better?(other) }
      end

      def put_back(node) = node && @open << node

      def cheapest(children)
        first, *others = children.sort_by(&:bound)
        @open.concat(others)
        first
      end

      # Of what collides, that of which the dearest choice costs most; one with a single way out at once.
      def children(node, crowds)
        tried = crowds.first(PROBED).map { |crowd| orders(node, crowd).select { |child| better?(child) } }
        tried.min_by { |children| children.length < 2 ? [0, children.length] : [1, -score(node, children)] }
      end

      def score(node, children)
        rises = children.map { |child| child.bound - node.bound }.sort
        (4 * rises[0] + rises[1]) * 2.0 / children.length
      end

      # Every way in which one of the crowd ends before another begins.
      def orders(node, crowd)
        crowd.steps.permutation(2).filter_map do |one, other|
          arc = Problem::Arc.new(one, other, @problem.minutes[one] + (crowd.gap || @resources.gap(one, other)))
          orders = [*node.orders, arc]
          found = @propagation.after(node.latest, node.earliest, orders)
          found && node(*found, orders)
        end
      end
    end
  end
end
