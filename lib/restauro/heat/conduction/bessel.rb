module Restauro
  module Heat
    module Conduction
      # Bessel functions of the first kind, by their integral: (1/pi) int cos(n t - x sin t) dt, exact to rounding with
      # this many steps.
      module Bessel
        module_function

        # Of the first kind.   @param order [Integer]   @return [Float]
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
            60.times do
              (middle = (low + high) / 2) && (j(order, middle).positive? == sign ? low = middle : high = middle)
            end
            high
          end
        end
      end
    end
  end
end
