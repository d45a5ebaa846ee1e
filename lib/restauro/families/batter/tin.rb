module Restauro
  module Families
    class Batter
      # A tin of cups, filled by volume.   say · cup_ml to the brim
      Tin = Value.of(:key, :say, :cup_ml) do
        def self.all =
          DataFiles
            .yaml("families/batter/tins.yml")
            .map { |key, row| new(key: key, say: row["say"], cup_ml: Float(row["cup_ml"])) }

        # @return [Tin]   @raise [InvalidInput]
        def self.fetch(key)
          all.find { |tin| tin.key == key } or
            raise InvalidInput, "a tin is #{all.map(&:key).join(", ")}, got '#{key}'"
        end

        # Batter for one cup.   @param share [Float] how full   @return [Float] g
        def fill_g(share) = share * cup_ml * Constants.fetch(:hydration, :batter_density) / 1000

        # How many cups a batter fills.   @return [Integer]
        def cups(grams, share) = [(grams / fill_g(share)).round, 1].max

        # Across a ball of the batter in a cup: as much of it as goes in, for what rises weighs no more.
        # @return [Float] m
        def ball_m(share) = (6 * share * cup_ml * 1e-6 / Math::PI)**(1 / 3.0)
      end
    end
  end
end
