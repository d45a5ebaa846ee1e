module Restauro
  module Families
    class Sauce
      # The plate test read backwards: from how far a sauce spread to its flour-equivalents.
      module PlateTest
        SMALLEST_MM = 22
        LARGEST_MM = 150

        module_function

        # Mean radius of a sauce of these flour-equivalents at 60 C.
        # @param base [Float] Pa s of its liquid
        # @return [Float] mm
        def millimetres(e, base:, millilitres: Constants.fetch(:sauce, :plate_millilitres))
          eta = Physics::Viscosity.pa_s(e, celsius: Constants.fetch(:sauce, :plate_celsius), base: base)
          Physics::PlateSpread.millimetres(eta, flow_index: Physics::Viscosity.flow_index(e), millilitres: millilitres)
        end

        # By bisection: the radius falls as e grows.
        # @param radius_mm [Float] mm
        # @return [Estimate] e, with what a reading to 3 % leaves open
        # @raise [InvalidInput] no such reading
        def flour_equivalents(radius_mm, base:, millilitres: Constants.fetch(:sauce, :plate_millilitres))
          unless radius_mm.between?(SMALLEST_MM, LARGEST_MM)
            raise InvalidInput,
                  "a plate test reads #{SMALLEST_MM} to #{LARGEST_MM} mm, got #{radius_mm}; measure the mean radius after two minutes"
          end

          share = Constants.fetch(:sauce, :plate_reading_share)
          high, value, low = [1 - share, 1.0, 1 + share].map { |factor| bisect(radius_mm * factor, base, millilitres) }
          Estimate.new(value: value, low: low, high: high)
        end

        # @return [Float] e whose spread is that radius
        def bisect(radius_mm, base, millilitres)
          low, high = 0.0, Constants.fetch(:sauce, :e_cap)
          40.times do
            middle = (low + high) / 2
            millimetres(middle, base: base, millilitres: millilitres) > radius_mm ? low = middle : high = middle
          end
          (low + high) / 2
        end
      end
    end
  end
end
