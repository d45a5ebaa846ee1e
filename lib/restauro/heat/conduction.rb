module Restauro
  module Heat
    # Transient conduction in simple bodies with convection at the surface, full series.
    # Source: cengel, ch. 4 (Heisler charts)
    #   theta = (T - T_around)/(T_0 - T_around) = sum A_i f(zeta_i x) exp(-zeta_i^2 Fo), f 1 at the middle
    module Conduction
      autoload :Bessel, "restauro/heat/conduction/bessel"
      autoload :Modes, "restauro/heat/conduction/modes"

      TERMS = 40
      LARGE_BIOT = 1e6

      module_function

      # @param shape [Symbol] :slab, :cylinder or :sphere
      # @param biot [Float] h R/k
      # @param fourier [Float] alpha t/R^2
      # @return [Float] 1 to 0
      def centre(shape, biot:, fourier:, terms: TERMS) = at(shape, 0.0, biot: biot, fourier: fourier, terms: terms)

      # @param position [Float] 0 at the middle to 1 at the surface
      def at(shape, position, biot:, fourier:, terms: TERMS)
        Modes.weighed(shape, position, biot, terms).sum { |square, weight| weight * Math.exp(-square * fourier) }
      end

      # Several bodies crossed: a short cylinder is a slab times a cylinder.
      def short_cylinder(biot_radius:, fourier_radius:, biot_half:, fourier_half:)
        centre(:cylinder, biot: biot_radius, fourier: fourier_radius) *
          centre(:slab, biot: biot_half, fourier: fourier_half)
      end

      # Seconds until the middle is at a temperature: by bisection.
      # @param radius_m [Float] m, half the thickness of a slab
      # @return [Float] s
      # @raise [InvalidInput] what never gets there
      def seconds_to(shape, to:, from:, around:, radius_m:, coefficient:, conductivity:, diffusivity:)
        unless (from < to && to < around) || (from > to && to > around)
          raise InvalidInput, "the middle never gets to #{to} C in #{around} C"
        end

        biot = [coefficient * radius_m / conductivity, LARGE_BIOT].min
        theta = (to - around) / (from - around).to_f
        low, high = 0.0, 1.0
        high *= 2 while centre(shape, biot: biot, fourier: high) > theta
        60.times do
          (middle = (low + high) / 2) &&
            (centre(shape, biot: biot, fourier: middle) > theta ? low = middle : high = middle)
        end
        high * radius_m**2 / diffusivity
      end
    end
  end
end
