module Restauro
  module Physics
    # What is dissolved in a pan: the pH its buffers settle on, and what its sugar does to the boil and to the starch.
    class Mixture
      attr_reader :ph, :sugar_pct

      # @param parts [Array<Array(Ingredient, Float)>] ingredient and grams
      def initialize(parts)
        buffer = parts.sum(0.0) { |i, grams| i.ph ? grams * i.buffer_mmol_kg_ph : 0.0 }
        @ph =
          buffer.zero? ? 7.0 : parts.sum(0.0) { |i, grams| i.ph ? grams * i.buffer_mmol_kg_ph * i.ph : 0.0 } / buffer
        sugar = parts.sum(0.0) { |i, grams| grams * i.sugar_pct / 100 }
        water = parts.sum(0.0) { |i, grams| grams * i.water_pct / 100 }
        @sugar_pct = (sugar + water).zero? ? 0.0 : 100 * sugar / (sugar + water)
        freeze
      end

      # Sugar holds water back from the grains: 0.007 s^2.   @return [Float] C
      def sugar_shift_c = Constants.fetch(:starch, :sugar_shift) * sugar_pct**2

      # Sugar raises the boiling point by 0.512 C a mol per kg of water.   @return [Float] C
      def boiling_rise_c
        return 0.0 if sugar_pct >= 99

        molality = 1000 * sugar_pct / (100 - sugar_pct) / Constants.fetch(:starch, :sucrose_molar_mass)
        Constants.fetch(:starch, :ebullioscopic) * molality
      end
    end
  end
end
