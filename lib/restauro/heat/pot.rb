module Restauro
  module Heat
    # A pot of boiling water and what a batch does to it.
    #   litres L · boiling C · watts of the hob
    Pot = Struct.new(:litres, :boiling, :watts, keyword_init: true) do
      # A litre to a hundred grams, no less than two and no more than a kitchen pot holds.
      def self.litres_for(grams)
        (Constants.fetch(:boil, :litres_per_kg) * grams / 1000)
          .clamp(Constants.fetch(:boil, :litres_least), Constants.fetch(:boil, :litres_most))
          .then { |litres| (litres * 2).ceil / 2.0 }
      end

      def initialize(**)
        super
        freeze
      end

      # @return [Integer] g
      def salt_g = (Constants.fetch(:boil, :salt_g_per_litre) * litres).round
      # @return [Integer] litres that the pot has to hold
      def size_litres = (litres / Constants.fetch(:boil, :pot_fill_share)).ceil

      # What the pot falls to with a batch in it, the batch as warm as the water by then.   @return [Float] C
      def temperature_with(grams, food, start: Constants.fetch(:boil, :start_celsius), frozen: false)
        water = litres * Constants.fetch(:boil, :water_heat)
        warm = grams / 1000.0 * food.heat_capacity(Constants.fetch(:boil, :start_celsius)) / 1000
        return (water * boiling + warm * start) / (water + warm) unless frozen

        (water * boiling - grams / 1000.0 * Pot.heat_to_thaw(food)) / (water + warm)
      end

      # Grams that let it fall no further than it should.   @return [Float] g
      def batch_g(food, **how)
        low, high = 0.0, 1000.0 * litres
        40.times do
          (middle = (low + high) / 2) &&
            (boiling - temperature_with(middle, food, **how) < drop_most ? low = middle : high = middle)
        end
        low
      end

      # Minutes back to the boil on the hob there is.
      def recovery_minutes(grams, food, **how)
        litres * Constants.fetch(:boil, :water_heat) * (boiling - temperature_with(grams, food, **how)) * 1000 /
          watts / 60
      end

      # @return [Float] C that a batch may cool it
      def drop_most = Constants.fetch(:boil, :drop_most)

      # From the freezer to 0 C, thawed.   @return [Float] kJ/kg
      def self.heat_to_thaw(food)
        Constants.fetch(:boil, :ice_heat) * -Constants.fetch(:boil, :frozen_celsius) +
          Constants.fetch(:boil, :latent_fusion) * food.shares.fetch("water")
      end
    end
  end
end
