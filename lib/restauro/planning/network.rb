# frozen_string_literal: true

module Restauro
  module Planning
    # The differences of a meal as plain lists, for the search: what must lie between which starts, and of which two
    # steps one must go before the other, since one pair of hands or one oven cannot do both.
    class Network
      # out[step] and into[step]: [other, least] · pairs: [one, other, gap] · pairs_of[step]: indexes of pairs
      attr_reader :problem, :out, :into, :pairs, :pairs_of

      def initialize(problem)
        @problem = problem
        @out, @into, @pairs_of = Array.new(3) { Array.new(problem.length) { [] } }
        problem.arcs.each { |arc| link(arc.from, arc.to, arc.least) }
        @pairs = one_at_a_time.freeze
        @pairs.each_with_index { |(one, other, _), index| [one, other].each { |step| @pairs_of[step] << index } }
        freeze
      end

      # With nothing decided.   @return [State, nil] nil where nothing fits
      def root
        latest = Array.new(problem.length) { |step| -problem.minutes[step] }
        earliest = Array.new(problem.length, problem.earliest)
        problem.lasts.each_with_index { |step, dish| earliest[step] = -problem.holds[dish] - problem.minutes[step] }
        limit(latest, earliest)
        return if problem.lasts.any? { |step| latest[step] > -problem.minutes[step] }

        none = -> { Array.new(problem.length, NONE) }
        State.new(self, latest, earliest, none.call, none.call, "\1" * pairs.length).settled((0...problem.length).to_a)
      end
      NONE = [].freeze

      private

      def link(from, to, least)
        @out[from] << [to, least]
        @into[to] << [from, least]
      end

      # What has begun or is pinned stands where it stands; nothing else begins before it can.
      def limit(latest, earliest)
        problem.not_before&.then { |now| earliest.map! { |start| [start, now].max } }
        problem.fixed.each { |step, start| latest[step] = earliest[step] = start }
      end

      # Steps of two dishes that cannot be at once in any case; more of a crowd is found as it comes. What has begun
      # both cannot be parted.
      def one_at_a_time
        resources = Resources.new(problem)
        (0...problem.length)
          .to_a
          .combination(2)
          .filter_map do |one, other|
            if problem.dish_of[one] == problem.dish_of[other] || (problem.fixed.key?(one) && problem.fixed.key?(other))
              next
            end

            [one, other, resources.gap(one, other)] if resources.never_at_once?(one, other)
          end
      end
    end
  end
end
