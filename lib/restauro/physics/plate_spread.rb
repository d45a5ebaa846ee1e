module Restauro
  module Physics
    # How far a sauce spreads on a level plate: a power-law current of constant volume. Source: huppert_1982 for n = 1.
    #   R^(3n+5) = (V/(2 pi I))^(n+2) (n+1)/(n+2) rho g/K ((3n+5) t/(2n+1))^n
    #   I = B(2/(n+1), (n+3)/(n+2))/(n+1), K = eta50 50^(1-n)
    module PlateSpread
      module_function

      # @param consistency [Float] K, Pa s^n
      # @param flow_index [Float] n
      # @param volume_m3 [Float]
      # @param seconds [Float]
      # @param density [Float] kg/m3   @return [Float] m, mean radius
      # @example (radius_m(consistency: 4.29, flow_index: 0.5, volume_m3: 50e-6, seconds: 120, density: 1030) *
      #   1000).round # => 81
      def radius_m(consistency:, flow_index:, volume_m3:, seconds:, density: Constants.fetch(:sauce, :sauce_density))
        n = flow_index
        drive =
          (n + 1) / (n + 2) * density * Constants.fetch(:air, :gravity) / consistency *
          ((3 * n + 5) * seconds / (2 * n + 1))**n
        ((volume_m3 / (2 * Math::PI * shape(n)))**(n + 2) * drive)**(1 / (3 * n + 5))
      end

      # The volume integral of the current's own shape.
      def shape(n) = beta(2 / (n + 1), (n + 3) / (n + 2)) / (n + 1)
      # @return [Float] Euler's beta function
      def beta(a, b) = Math.gamma(a) * Math.gamma(b) / Math.gamma(a + b)

      # Radius of the plate test for a viscosity at 50 1/s and 60 C.   @return [Float] mm
      def millimetres(
        pa_s,
        flow_index:,
        millilitres: Constants.fetch(:sauce, :plate_millilitres),
        seconds: Constants.fetch(:sauce, :plate_seconds)
      )
        consistency = pa_s * Constants.fetch(:sauce, :viscosity_shear)**(1 - flow_index)
        1000 *
          radius_m(consistency: consistency, flow_index: flow_index, volume_m3: millilitres * 1e-6, seconds: seconds)
      end

      # Yield stress of a sauce that has stopped spreading.  225 rho g V^2/(128 pi^2 R^5), source: roussel_coussot_2005
      # @return [Float] Pa
      def yield_stress(radius_m:, volume_m3:, density: Constants.fetch(:sauce, :sauce_density))
        225 * density * Constants.fetch(:air, :gravity) * volume_m3**2 / (128 * Math::PI**2 * radius_m**5)
      end
    end
  end
end
