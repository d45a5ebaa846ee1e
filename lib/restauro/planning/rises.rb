# frozen_string_literal: true

module Restauro
  module Planning
    # What the collisions that were tried both ways will cost at least: of any two dishes the cheaper way of the dearest
    # pair, in their own waiting; summed over pairs of dishes that share none, the dearest first.
    class Rises
      # @param probes [Hash{Integer => Array<State>}] the ways that can be of each pair tried
      def initialize(network, state, probes)
        @network = network
        @state = state
        @probes = probes
      end

      # @return [Integer]
      def least
        taken = []
        by_dishes
          .sort_by { |_, rise| -rise }
          .sum do |dishes, rise|
            next 0 if dishes.intersect?(taken)

            taken.concat(dishes)
            rise
          end
      end

      private

      def by_dishes
        @probes.each_with_object(Hash.new(0)) do |(index, ways), rises|
          next if ways.empty?

          dishes = @network.pairs[index].first(2).map { |step| @network.problem.dish_of[step] }.sort
          now = @state.waiting(dishes)
          rises[dishes] = [rises[dishes], ways.map { |way| way.waiting(dishes) - now }.min].max
        end
      end
    end
  end
end
