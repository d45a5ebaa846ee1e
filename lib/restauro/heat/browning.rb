module Restauro
  module Heat
    # How fast a dry crust browns, by Arrhenius' law: minutes' worth at brown_celsius for each minute at another
    # temperature.
    module Browning
      ZERO_KELVIN = Constants.fetch(:air, :zero_celsius)
      AT_KELVIN = Constants.fetch(:heat, :brown_celsius) + ZERO_KELVIN
      FROM = Constants.fetch(:heat, :brown_from_celsius)
      # E/R, in K.
      STEEPNESS = Constants.fetch(:heat, :brown_energy) / Constants.fetch(:air, :gas_constant)
      # Minutes' worth until golden, and until burnt.
      GOLDEN = Constants.fetch(:heat, :brown_minutes)
      BURNT = GOLDEN * Constants.fetch(:heat, :burn_times)

      module_function

      # @return [Float] 1 at brown_celsius
      def rate(celsius) = celsius > FROM ? Math.exp(STEEPNESS * (1 / AT_KELVIN - 1 / (celsius + ZERO_KELVIN))) : 0.0
    end
  end
end
