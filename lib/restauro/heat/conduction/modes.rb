module Restauro
  module Heat
    module Conduction
      # The modes of the series: eigenvalues, their amplitudes, and how each is shaped across the body.
      #   zeta tan zeta = Bi, zeta J1/J0 = Bi, 1 - zeta cot zeta = Bi, each root in an interval of its own
      module Modes
        MOST_KEPT = 400
        CLOSE = 1e-13
        TURNS = 200

        module_function

        # @return [Array<Array(Float, Float)>] zeta^2 and the mode's weight at that position
        def weighed(shape, position, biot, terms)
          kept(:weighed, [shape, position, biot.round(9), terms]) do
            roots(shape, biot, terms)
              .map { |root| [root**2, amplitude(shape, root) * across(shape, root * position)] }
              .freeze
          end
        end

        # @param terms [Integer]   @return [Array<Float>] of the characteristic equation, smallest first
        def roots(shape, biot, terms)
          kept(:roots, [shape, biot.round(9), terms]) { Array.new(terms) { |index| root(shape, biot, index) }.freeze }
        end

        # @return [Float] of one term of the series
        def amplitude(shape, root)
          case shape
          when :slab
            4 * Math.sin(root) / (2 * root + Math.sin(2 * root))
          when :sphere
            4 * (Math.sin(root) - root * Math.cos(root)) / (2 * root - Math.sin(2 * root))
          else
            2 / root * Bessel.j(1, root) / (Bessel.j(0, root)**2 + Bessel.j(1, root)**2)
          end
        end

        # 1 at the middle.
        def across(shape, distance)
          return 1.0 if distance.zero?

          case shape
          when :slab
            Math.cos(distance)
          when :sphere
            Math.sin(distance) / distance
          else
            Bessel.j(0, distance)
          end
        end

        # Regula falsi; an end that stands still twice has its weight halved.
        def root(shape, biot, index)
          low, high = bracket(shape, index)
          residue = residue(shape, biot, index.even? ? 1 : -1)
          at_low, at_high, still = residue[low], residue[high], nil
          TURNS.times do
            middle = (low * at_high - high * at_low) / (at_high - at_low)
            found = residue[middle]
            return middle if found.abs < CLOSE * (1 + biot) || high - low < CLOSE

            if found.positive?
              high, at_high, at_low, still = middle, found, (still == :low ? at_low / 2 : at_low), :low
            else
              low, at_low, at_high, still = middle, found, (still == :high ? at_high / 2 : at_high), :high
            end
          end
          (low + high) / 2
        end

        # @return [Array(Float, Float)] between which the root lies
        def bracket(shape, index)
          pi = Math::PI
          case shape
          when :slab
            [index * pi, (index + 0.5) * pi]
          when :sphere
            [[index * pi, 1e-9].max, (index + 1) * pi]
          when :cylinder
            [index.zero? ? 1e-9 : Bessel.zero(1, index), Bessel.zero(0, index + 1)]
          else
            raise ArgumentError, "no shape #{shape}"
          end
        end

        # Rises through nothing at the root.   @param sign [Integer] of the denominator in this interval
        def residue(shape, biot, sign)
          case shape
          when :slab
            ->(z) { sign * (z * Math.sin(z) - biot * Math.cos(z)) }
          when :sphere
            ->(z) { sign * ((1 - biot) * Math.sin(z) - z * Math.cos(z)) }
          else
            ->(z) { sign * (z * Bessel.j(1, z) - biot * Bessel.j(0, z)) }
          end
        end

        # The last few hundred, for a dough looked at again and again.
        def kept(kind, key)
          memo = (@kept ||= {})[kind] ||= {}
          memo.shift if memo.length > MOST_KEPT
          memo[key] ||= yield
        end
      end
    end
  end
end
