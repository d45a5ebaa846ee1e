module Restauro
  module Shaping
    # How much filling a round takes, and the ring that leaves neither dough nor filling over.
    module Filling
      module_function

      # Pieces of one shape, larger or smaller, hold by the cube of the ring: a scant half teaspoon in 4 cm.
      # @param diameter [Float] mm   @return [Float] g
      def grams(diameter, rounds_each: 1)
        cubic_cm = (diameter / 10)**3
        rounds_each * constant(:filling_ml_per_cm3) * cubic_cm * constant(:filling_density)
      end

      # How thick the filling lies inside the seal.   @return [Float] mm
      def height_mm(grams, diameter, rounds_each: 1)
        inner = Math::PI * (diameter / 2 - constant(:seal_rim_mm))**2 * rounds_each / 2
        inner.positive? ? 1000 * grams / constant(:filling_density) / inner : 0.0
      end

      # A ball of so much filling.   @return [Float] mm across
      def ball_mm(grams) = Plan.ball_mm(1000 * grams / constant(:filling_density))

      # @param filling_g [Float] g
      # @param sheets [Sheets]
      # @return [Integer] mm, the ring that comes nearest to using both up
      def ring_for(filling_g, sheets, rounds_each: 1)
        (constant(:ring_least_mm).to_i..constant(:ring_most_mm).to_i).min_by do |diameter|
          pieces = sheets.rounds(diameter.to_f).sum / rounds_each
          (pieces * grams(diameter.to_f, rounds_each: rounds_each) - filling_g).abs
        end
      end

      # @return [Float] of data/constants/shaping.yml
      def constant(name) = Constants.fetch(:shaping, name)
    end
  end
end
