module Restauro
  module Heat
    # What a piece is cooked in: an oven, still or with a fan, or deep oil.
    #   celsius C · coefficient W/(m2 K) · radiates whether its walls shine on the piece · wet_celsius what the surface
    #   stays at while it is wet
    #   share of the time that a face gets it · browns how many times as fast as dry heat it browns a wet coat
    Surroundings =
      Struct.new(:kind, :celsius, :coefficient, :radiates, :wet_celsius, :share, :browns, keyword_init: true) do
        def initialize(share: 1.0, browns: 1.0, **)
          super
          freeze
        end

        # @param oven [Kitchen::OvenTemperature] as it is set: with a fan its own air is that much cooler
        def self.oven(oven)
          air = oven.fan ? oven.fan_celsius : oven.celsius
          blown = oven.basket ? :basket_coefficient : (oven.fan ? :fan_coefficient : :still_coefficient)
          new(
            kind: :oven,
            celsius: air,
            coefficient: Constants.fetch(:heat, blown),
            radiates: true,
            wet_celsius: Constants.fetch(:heat, :wet_surface_celsius)
          )
        end

        # @param frying [Frying]   Shallow, each face lies in it in its turn.
        def self.oil(frying)
          new(
            kind: :oil,
            celsius: frying.celsius,
            share: frying.share,
            browns: Constants.fetch(:heat, :oil_browns),
            coefficient: Constants.fetch(:heat, :oil_coefficient),
            radiates: false,
            wet_celsius: Constants.fetch(:heat, :wet_surface_oil_celsius)
          )
        end

        # Flux for each degree.   @return [Float] W/(m2 K)
        def film(surface_celsius)
          gap = celsius - surface_celsius
          # Too near to tell a flux from nothing.
          share * coefficient + (radiates && gap.abs >= 1 ? radiated(surface_celsius) : 0.0)
        end

        # Heat into a surface.   h (To - Ts) + 0.9 sigma (To^4 - Ts^4)   @return [Float] W/m2
        def flux(surface_celsius)
          (share * coefficient + (radiates ? radiated(surface_celsius) : 0.0)) * (celsius - surface_celsius)
        end

        private

        # To4 - Ts4 is (To - Ts) (To + Ts) (To2 + Ts2).   @return [Float] W/(m2 K)
        def radiated(surface_celsius)
          around, surface = celsius + Surroundings::ZERO_KELVIN, surface_celsius + Surroundings::ZERO_KELVIN
          Surroundings::RADIATION * (around + surface) * (around * around + surface * surface)
        end
      end

    Surroundings::ZERO_KELVIN = Constants.fetch(:air, :zero_celsius)
    # W/(m2 K4)
    Surroundings::RADIATION = Constants.fetch(:heat, :emissivity) * Constants.fetch(:heat, :stefan_boltzmann)
  end
end
