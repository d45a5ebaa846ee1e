module Restauro
  module Physics
    # A pan on a hob in a kitchen.
    #   heat_capacity J/K · area m2 · altitude_m m
    Pan = Struct.new(:heat_capacity, :area, :altitude_m, keyword_init: true) do
      def initialize(altitude_m: 0, heat_capacity: Constants.fetch(:pan, :heat_capacity), area: Constants.fetch(:pan, :area))
        Air.pressure_pa(altitude_m)
        super
        freeze
      end

      def self.watts(level)
        Constants.fetch(:pan, :"watts_#{level}")
      rescue DataError
        raise InvalidInput, "heat is low, medium, medium_high or high, got '#{level}'"
      end

      def pressure_pa = Air.pressure_pa(altitude_m)
      def boiling_celsius = Air.boiling_celsius(pressure_pa)
    end
  end
end
