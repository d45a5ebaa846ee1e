module Restauro
  module Physics
    # A pan on a hob in a kitchen.
    #   heat_capacity J/K · area m2 · altitude_m m
    Pan = Struct.new(:heat_capacity, :area, :altitude_m, keyword_init: true) do
      def initialize(
        altitude_m: 0,
        heat_capacity: Constants.fetch(:pan, :heat_capacity),
        area: Constants.fetch(:pan, :area)
      )
        Air.pressure_pa(altitude_m)
        super
        freeze
      end

      # A pan of another width: its steel goes with its base.   @param diameter_cm [Float] cm
      def self.wide(diameter_cm, altitude_m: 0)
        share = (diameter_cm / Constants.fetch(:pan, :diameter))**2
        new(
          altitude_m: altitude_m,
          heat_capacity: Constants.fetch(:pan, :heat_capacity) * share,
          area: Constants.fetch(:pan, :area) * share
        )
      end

      # A pan that holds so much: the usual one, then as wide as keeps it no deeper.
      # @param liquid_g [Float] g
      # @return [Float] cm
      def self.cm_for(liquid_g)
        usual, deepest = Constants.fetch(:pan, :diameter), Constants.fetch(:pan, :deepest_cm)
        [usual, 2 * Math.sqrt(liquid_g / deepest / Math::PI)].max.clamp(usual, Constants.fetch(:pan, :widest_cm))
      end

      # Watts that really reach the pan, from water warmed for a while: what it and the pan took up, and what was lost
      # on the way.
      # @param water_g [Float] g
      # @param from, to [Float] C
      # @param seconds [Float] s
      # @return [Float] W
      # @raise [InvalidInput]
      def measured_watts(water_g:, from:, to:, seconds:)
        unless to > from && to < boiling_celsius - 1
          raise InvalidInput, "the water must get warmer and stay below the boil: from #{from} to #{to} C"
        end
        unless water_g.between?(200, 5000) && seconds.between?(30, 900)
          raise InvalidInput, "test with 200 g to 5 kg of water for 30 to 900 s"
        end

        taken = (water_g * Constants.fetch(:pan, :water_heat_capacity) + heat_capacity) * (to - from)
        taken / seconds +
          Constants.fetch(:pan, :loss_per_kelvin) * ((from + to) / 2.0 - Constants.fetch(:pan, :room_celsius))
      end

      # @param level [String] low, medium, medium_high or high   @return [Float] W
      def self.watts(level)
        Constants.fetch(:pan, :"watts_#{level}")
      rescue DataError
        raise InvalidInput, "heat is low, medium, medium_high or high, got '#{level}'"
      end

      # @return [Float] Pa at this height
      def pressure_pa = Air.pressure_pa(altitude_m)
      # @return [Float] C at this height
      def boiling_celsius = Air.boiling_celsius(pressure_pa)
    end
  end
end
