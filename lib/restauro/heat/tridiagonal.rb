module Restauro
  module Heat
    # One implicit step of a row of cells that conduct to their neighbours, the last to a face of known temperature:
    # Thomas' algorithm, its elimination done once but for the face, whose conductance changes.
    class Tridiagonal
      # @param rate [Array<Float>] each cell's heat capacity over the step, W/K
      # @param between [Array<Float>] conductance to the next cell, W/K
      def initialize(rate, between)
        @last = rate.length - 1
        eliminate(rate, between)
        # Its own scratch row: one is made for a section that takes thousands of steps.
        @known = Array.new(rate.length, 0.0)
        freeze
      end

      # Steps the temperatures in place.
      # @param outer [Float] conductance from the last cell to the face, W/K
      # @param face [Float] C
      # @param most [Float] C that none goes over
      def solve(temperature, outer, face, most:)
        known, own, inner, last = @known, @own, @inner, @last
        before = known[0] = own[0] * temperature[0]
        i = 0
        before = known[i] = own[i] * temperature[i] + inner[i] * before while (i += 1) < last
        warmed = (@rate * temperature[last] + @factor * before + outer * face) / (@pivot + outer)
        temperature[last] = warmed > most ? most : warmed
        outward = @outward
        while (i -= 1) >= 0
          warmed = known[i] + outward[i] * warmed
          temperature[i] = warmed > most ? most : warmed
        end
      end

      private

      # Of each row but the last, divided by its pivot: what its own cell brings, its inner neighbour, and its outer
      # one.
      def eliminate(rate, between)
        @own, @inner, @outward = [], [], []
        @factor = 0.0
        rate.each_index do |i|
          inner = i.zero? ? 0.0 : between[i - 1]
          pivot = rate[i] + inner + (i == @last ? 0.0 : between[i]) - (i.zero? ? 0.0 : inner * @outward[i - 1])
          @rate, @factor, @pivot = rate[i], inner, pivot
          @own << rate[i] / pivot
          @inner << inner / pivot
          @outward << (i == @last ? 0.0 : between[i] / pivot)
        end
      end
    end
  end
end
