module Restauro
  module Physics
    # Pressure of the air and of steam, and the boiling point they set.
    module Air
      A = Constants.fetch(:air, :antoine_a)
      B = Constants.fetch(:air, :antoine_b)
      C = Constants.fetch(:air, :antoine_c)
      MMHG = Constants.fetch(:air, :pascal_per_mmhg)
      LOWEST_M = -430
      HIGHEST_M = 5500

      module_function

      # Pressure of the standard atmosphere: P0 (1 - L h)^5.25588. Source: icao_isa.
      # @param altitude_m [Numeric] m   @return [Float] Pa   @raise [InvalidInput] where nobody cooks
      def pressure_pa(altitude_m)
        unless (LOWEST_M..HIGHEST_M).cover?(altitude_m)
          raise InvalidInput, "altitude is #{LOWEST_M} to #{HIGHEST_M} metres, got #{altitude_m}"
        end

        Constants.fetch(:air, :sea_level_pressure) *
          (1 - Constants.fetch(:air, :lapse_per_metre) * altitude_m)**Constants.fetch(:air, :lapse_exponent)
      end

      # Pressure of saturated steam by Antoine's equation, log10 p = A - B/(C + T). Source: antoine_water.
      # @param celsius [Float] C, 1 to 100   @return [Float] Pa
      def steam_pressure_pa(celsius) = MMHG * 10**(A - B / (C + celsius))

      # Boiling point of water, Antoine's equation turned round.
      # @example boiling_celsius(pressure_pa(1600)).round(1) # => 94.7
      # @return [Float] C
      def boiling_celsius(pressure_pa) = B / (A - Math.log10(pressure_pa / MMHG)) - C
    end
  end
end
