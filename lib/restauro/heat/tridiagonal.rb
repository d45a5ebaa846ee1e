module Restauro
  module Heat
    # One implicit step of a row of cells that conduct to their neighbours, the last to a face of known temperature: Thomas' algorithm, its
    # elimination done once but for the face, whose conductance changes.
    class Tridiagonal
      # @param rate [Array<Float>] each cell's heat capacity over the step, W/K   @param between [Array<Float>] conductance to the next cell, W/K
      def initialize(rate, between)
        @rate, @between = rate, between
        @last = rate.length - 1
        @pivot = Array.new(rate.length)
        @factor = Array.new(rate.length, 0.0)
        eliminate
        freeze
      end

      # Steps the temperatures in place.   @param outer [Float] conductance from the last cell to the face, W/K   @param face [Float] C
      # @param most [Float] C that none goes over
      def solve(temperature, outer, face, most:)
        load = @rate[0] * temperature[0]
        known = [load]
        i = 1
        while i <= @last
          load = @rate[i] * temperature[i] + @factor[i] * load
          known << load
          i += 1
        end
        warmed = (known[@last] + outer * face) / (@pivot[@last] + outer)
        temperature[@last] = warmed > most ? most : warmed
        i = @last
        while (i -= 1) >= 0
          warmed = (known[i] + @between[i] * warmed) / @pivot[i]
          temperature[i] = warmed > most ? most : warmed
        end
      end

      private

      def eliminate
        @rate.each_index do |i|
          inner = i.zero? ? 0.0 : @between[i - 1]
          @factor[i] = inner / @pivot[i - 1] unless i.zero?
          @pivot[i] = @rate[i] + inner + (i == @last ? 0.0 : @between[i]) - @factor[i] * inner
        end
      end
    end
  end
end
