module Restauro
  module Heat
    # A piece of dough in boiling water: how warm it is inside, and when.
    #   shape :slab, :cylinder or :short_cylinder as long as it is thick · thickness_m m · food Food · start, around C
    class Boiled
      TERMS = 16
      TURNS = 50

      attr_reader :shape, :thickness_m, :food, :start, :around

      def initialize(shape:, thickness_m:, food:, around:, start: Constants.fetch(:boil, :start_celsius))
        @shape = shape
        @thickness_m = thickness_m
        @food = food
        @around = around.to_f
        @start = start.to_f
        @bodies = shape == :short_cylinder ? %i[cylinder slab] : [shape]
        # Worked out once: a search for the minutes asks for them a thousand times. To three figures, so that doughs
        # alike share their series.
        @biot = (coefficient * radius / food.conductivity(halfway)).round(2)
        @fourier_a_minute = food.diffusivity(halfway) * 60 / radius**2
        # Each temperature is searched for once.
        @minutes_to = {}
        freeze
      end

      # The same from another heat.   @param celsius [Float]   @return [Boiled]
      def with_start(celsius) =
        Boiled.new(shape: shape, thickness_m: thickness_m, food: food, around: around, start: celsius)

      # @param minutes [Float] min   @return [Float] C
      def centre(minutes) = celsius(minutes, 0.0)

      # From the middle out along the shortest way.   @return [Array<Float>] C
      def profile(minutes, nodes: Constants.fetch(:boil, :profile_nodes).to_i)
        Array.new(nodes) { |index| celsius(minutes, index / (nodes - 1.0)) }
      end

      # Minutes until the middle is as hot as that, or what lies so far out of it.
      # @param position [Float] 0 the middle, 1 the surface   @return [Float, nil] nil where it never gets there
      def minutes_to(target, position: 0.0)
        return 0.0 if start >= target
        return if target >= around

        @minutes_to[[target, position]] ||= search(target, position)
      end

      # From the freezer: thawed to the middle by Plank, then warmed from 0 C.   @return [Float, nil] min
      def minutes_from_frozen(target)
        warmed = with_start(0.0).minutes_to(target) or return
        thaw_minutes + warmed
      end

      # @return [Float] min until it is thawed in the pot, by Plank's equation   Source: plank_1941
      def thaw_minutes
        Thawing.seconds(shape: shape, thickness_m: thickness_m, food: food, around: around, coefficient: coefficient) /
          60
      end

      private

      def search(target, position)
        low, high = 0.0, 1.0
        high *= 2 while celsius(high, position) < target
        TURNS.times do
          middle = (low + high) / 2
          celsius(middle, position) < target ? low = middle : high = middle
        end
        high
      end

      # Crossed bodies multiply: where one lies along the radius, the other is at its middle.
      def celsius(minutes, position)
        return start unless minutes.positive?

        theta =
          @bodies
            .each_with_index
            .reduce(1.0) do |product, (body, index)|
              product *
                Conduction.at(
                  body,
                  index.zero? ? position : 0.0,
                  biot: @biot,
                  fourier: @fourier_a_minute * minutes,
                  terms: TERMS
                )
            end
        around + (start - around) * theta.clamp(0.0, 1.0)
      end

      def radius = thickness_m / 2
      def coefficient = Constants.fetch(:boil, :coefficient)
      # At the middle of its way from cold to hot.
      def halfway = (start + around) / 2
    end
  end
end
