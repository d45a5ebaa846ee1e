# frozen_string_literal: true

module Restauro
  module Kitchen
    # Degrees Celsius in degrees Fahrenheit, and back.
    #   Source: the scale's definition, water freezing at 32 °F and boiling at 212 °F; GNU units holds the same.
    module Fahrenheit
      PER_KELVIN = 1.8
      FREEZING = 32

      module_function

      # @param celsius [Numeric] C   @return [Float] F
      def of(celsius) = (Float(celsius) * PER_KELVIN) + FREEZING
      # @param degrees [Numeric] F   @return [Float] C
      def celsius(degrees) = (Float(degrees) - FREEZING) / PER_KELVIN
      # A difference.   @param kelvin [Numeric] K   @return [Float] degrees of Fahrenheit
      def difference(kelvin) = kelvin * PER_KELVIN
    end
  end
end
