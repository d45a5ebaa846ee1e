module Restauro
  module Heat
    # Transient conduction in simple bodies with convection at the surface, full series.   Source: cengel, ch. 4 (Heisler charts)
    #   theta = (T - T_around)/(T_0 - T_around) at the middle = sum A_i exp(-zeta_i^2 Fo)
    module Conduction
      TERMS = 40
      LARGE_BIOT = 1e6

      module_function

      # @param shape [Symbol] :slab, :cylinder or :sphere   @param biot [Float] h R/k   @param fourier [Float] alpha t/R^2   @return [Float] 1 to 0
      def centre(shape, biot:, fourier:, terms: TERMS)
        roots(shape, biot, terms).sum { |root| amplitude(shape, root) * Math.exp(-root**2 * fourier) }
      end

      # Several bodies crossed: a short cylinder is a slab times a cylinder.
      def short_cylinder(biot_radius:, fourier_radius:, biot_half:, fourier_half:)
        centre(:cylinder, biot: biot_radius, fourier: fourier_radius) * centre(:slab, biot: biot_half, fourier: fourier_half)
      end

      # Seconds until the middle is at a temperature: by bisection.
      # @param radius_m [Float] m, half the thickness of a slab   @return [Float] s   @raise [InvalidInput] what never gets there
      def seconds_to(shape, to:, from:, around:, radius_m:, coefficient:, conductivity:, diffusivity:)
        raise InvalidInput, "the middle never gets to #{to} C in #{around} C" unless (from < to && to < around) || (from > to && to > around)

        biot = [coefficient * radius_m / conductivity, LARGE_BIOT].min
        theta = (to - around) / (from - around).to_f
        low, high = 0.0, 1.0
        high *= 2 while centre(shape, biot: biot, fourier: high) > theta
        60.times { (middle = (low + high) / 2) && (centre(shape, biot: biot, fourier: middle) > theta ? low = middle : high = middle) }
        high * radius_m**2 / diffusivity
      end

      # The eigenvalues: zeta tan zeta = Bi, zeta J1/J0 = Bi, 1 - zeta cot zeta = Bi, each in an interval of its own.
      def roots(shape, biot, terms)
        (@roots ||= {})[[shape, biot.round(9), terms]] ||= Array.new(terms) { |index| root(shape, biot, index) }.freeze
      end

      def root(shape, biot, index)
        low, high = bracket(shape, index)
        residue = residue(shape, biot)
        70.times do
          middle = (low + high) / 2
          residue[middle] > 0 ? high = middle : low = middle
        end
        (low + high) / 2
      end

      def bracket(shape, index)
        pi = Math::PI
        case shape
        when :slab then [index * pi, (index + 0.5) * pi]
        when :sphere then [[index * pi, 1e-9].max, (index + 1) * pi]
        when :cylinder then [index.zero? ? 1e-9 : Bessel.zero(1, index), Bessel.zero(0, index + 1)]
        else raise ArgumentError, "no shape #{shape}"
        end
      end

      # Rises through nothing at the root.
      def residue(shape, biot)
        case shape
        when :slab then ->(z) { z * Math.sin(z) - biot * Math.cos(z) }.then { |f| ->(z) { f[z] * (Math.cos(z) >= 0 ? 1 : -1) } }
        when :sphere then ->(z) { ((1 - biot) * Math.sin(z) - z * Math.cos(z)) * (Math.sin(z) >= 0 ? 1 : -1) }
        else ->(z) { (z * Bessel.j(1, z) - biot * Bessel.j(0, z)) * (Bessel.j(0, z) >= 0 ? 1 : -1) }
        end
      end

      def amplitude(shape, root)
        case shape
        when :slab then 4 * Math.sin(root) / (2 * root + Math.sin(2 * root))
        when :sphere then 4 * (Math.sin(root) - root * Math.cos(root)) / (2 * root - Math.sin(2 * root))
        else 2 / root * Bessel.j(1, root) / (Bessel.j(0, root)**2 + Bessel.j(1, root)**2)
        end
      end

      # Bessel functions of the first kind, by their integral: (1/pi) int cos(n t - x sin t) dt, exact to rounding with this many steps.
      module Bessel
        module_function

        def j(order, x)
          steps = 64 + 2 * x.abs.ceil
          sum = (1...steps).sum { |i| (t = Math::PI * i / steps) && Math.cos(order * t - x * Math.sin(t)) }
          (sum + (1 + Math.cos(order * Math::PI)) / 2) / steps
        end

        # The m-th positive zero, from McMahon's first guess by bisection.
        def zero(order, index)
          (@zeros ||= {})[[order, index]] ||= begin
            guess = Math::PI * (index + order / 2.0 - 0.25)
            low, high = guess - 0.6, guess + 0.6
            sign = j(order, low).positive?
            60.times { (middle = (low + high) / 2) && (j(order, middle).positive? == sign ? low = middle : high = middle) }
            high
          end
        end
      end
    end
  end
end
