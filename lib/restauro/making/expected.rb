module Restauro
  module Making
    # What a probe should see: minutes against C from when the heat is on, with a band, and where the tip goes.
    module Expected
      MOST_POINTS = 60

      module_function

      # @return [Hash, nil] "what", "points" Array of [minutes, C], "band" as a share of the minutes, "done_celsius" or
      #   nil
      def of(family, swap)
        return unless swap

        what, points, done = family.expected(swap)
        return if points.nil? || points.length < 2

        {
          "what" => what,
          "points" => thinned(points),
          "band" => Constants.fetch(:making, :probe_band),
          "done_celsius" => done&.round(1)
        }
      end

      # @return [Array<Array(Float, Float)>] few enough to draw and keep
      def thinned(points)
        step = (points.length / MOST_POINTS.to_f).ceil
        points.each_slice(step).map { |slice| slice.first.map { |value| value.round(2) } }
      end
    end
  end
end
