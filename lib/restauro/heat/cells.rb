module Restauro
  module Heat
    # A piece cut into cells from its middle out, for one m2 of its surface, with the properties of one temperature.
    #   capacity Array J/K · conductance Array W/K to the next cell · mass kg · conductivity W/(m K) · half_resistance
    #   m2 K/W of half the last cell
    Cells = Struct.new(:capacity, :conductance, :mass, :conductivity, :half_resistance, keyword_init: true) do
      # @param piece [Piece]   @param celsius [Float] that its properties are taken at
      def self.of(piece, count, celsius)
        food, power = piece.food, Cells::POWERS.fetch(piece.shape)
        k, density, dr = food.conductivity(celsius), food.density(celsius), piece.radius_m / count
        volumes =
          Array.new(count) { |i| ((i + 1)**(power + 1) - i**(power + 1)) * dr / (power + 1) * (1.0 / count)**power }
        new(
          capacity: volumes.map { |volume| volume * density * food.heat_capacity(celsius) },
          mass: volumes.sum * density,
          conductivity: k,
          conductance: Array.new(count - 1) { |i| k / dr * ((i + 1.0) / count)**power },
          half_resistance: dr / 2 / k
        )
      end

      def initialize(**)
        super
        freeze
      end

      # @return [Integer] how many there are
      def count = capacity.length
    end

    # Shells of a sphere go by the cube of their radius, of a cylinder by its square.
    Cells::POWERS = {slab: 0, cylinder: 1, sphere: 2}.freeze
  end
end
