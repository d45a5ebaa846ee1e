# frozen_string_literal: true

module Restauro
  module Planning
    # The latest and the earliest start of every step under differences: with some orders decided these are the best of what is left, waiting and
    # span together.
    class Propagation
      def initialize(problem)
        @problem = problem
        @out = problem.arcs.group_by(&:from)
        @in = problem.arcs.group_by(&:to)
        freeze
      end

      # @return [Array(Array<Integer>, Array<Integer>), nil] latest and earliest starts at the root; nil where nothing fits
      def root
        latest = Array.new(@problem.length) { |step| -@problem.minutes[step] }
        earliest = Array.new(@problem.length, @problem.earliest)
        @problem.lasts.each_with_index { |step, dish| earliest[step] = -@problem.holds[dish] - @problem.minutes[step] }
        limit(latest, earliest)
        return if @problem.lasts.any? { |step| latest[step] > -@problem.minutes[step] }

        settle(latest, earliest, {}, {}, (0...@problem.length).to_a)
      end

      # Starts after one more order: a before b by so many minutes.   @param orders [Array<Problem::Arc>] decided
      # @return [Array(Array, Array), nil]
      def after(latest, earliest, orders)
        before, later = orders.group_by(&:from), orders.group_by(&:to)
        settle(latest.dup, earliest.dup, before, later, [orders.last.from, orders.last.to])
      end

      private

      # What has begun or is pinned stands where it stands; nothing else begins before it can.
      def limit(latest, earliest)
        @problem.not_before&.then { |now| earliest.map! { |start| [start, now].max } }
        @problem.fixed.each { |step, start| latest[step] = earliest[step] = start }
      end

      # Until nothing moves: a start can only get earlier by what comes after it, later by what comes before.
      def settle(latest, earliest, before, later, work)
        queued = Array.new(@problem.length, false)
        work.each { |step| queued[step] = true }
        until work.empty?
          step = work.shift
          queued[step] = false
          push = ->(other) { work << other and queued[other] = true unless queued[other] }
          [@out[step], before[step]].each { |arcs| arcs&.each { |arc| raised(earliest, arc) and push[arc.to] } }
          [@in[step], later[step]].each { |arcs| arcs&.each { |arc| lowered(latest, arc) and push[arc.from] } }
          [@in[step], later[step]].each { |arcs| arcs&.each { |arc| raised(earliest, arc) and push[arc.to] } }
          [@out[step], before[step]].each { |arcs| arcs&.each { |arc| lowered(latest, arc) and push[arc.from] } }
          return if earliest[step] > latest[step]
        end
        [latest, earliest]
      end

      def lowered(latest, arc)
        most = latest[arc.to] - arc.least
        return false if latest[arc.from] <= most || most < 4 * @problem.earliest

        latest[arc.from] = most
        true
      end

      def raised(earliest, arc)
        least = earliest[arc.from] + arc.least
        return false if earliest[arc.to] >= least || least > -4 * @problem.earliest

        earliest[arc.to] = least
        true
      end
    end
  end
end
