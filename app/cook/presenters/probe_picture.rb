module Restauro
  module Presenters
    # What a probe should see, as a line with its band, and what it has seen so far over it.
    class ProbePicture
      WIDTH = 680
      LEFT = 92
      RIGHT = 664
      TOP = 20
      BOTTOM = 260

      # @param expected [Hash] of Making::Expected   @param readings [Array<Array(Float, Float)>] minutes and C
      def initialize(expected, readings)
        @what, @points, @band, @done = expected.values_at("what", "points", "band", "done_celsius")
        @readings = readings
        @minutes = [@points.last.first, readings.last&.first || 0].max * 1.05
        @high = [110.0, *@points.map(&:last), *readings.map(&:last)].max
      end

      # @return [String] SVG
      def to_s
        Svg.tag(
          "svg",
          [grid, band, expected, done, seen].join,
          viewBox: "0 0 #{WIDTH} 304",
          class: "probe-picture",
          role: "img",
          aria_label: words
        )
      end

      private

      def words
        minutes, celsius = @readings.last
        seen = minutes ? "the probe shows #{celsius.round} °C after #{minutes.round(1)} min" : "nothing read yet"
        "Expected of #{@what}: #{@points.last.last.round} °C after #{Format.number(@points.last.first)} min; #{seen}"
      end

      def x(minutes) = LEFT + (RIGHT - LEFT) * [minutes / @minutes, 1.0].min
      def y(celsius) = BOTTOM - (BOTTOM - TOP) * celsius.clamp(0.0, @high) / @high

      def grid
        Axes.degrees([0, 25, 50, 75, 100], left: LEFT, right: RIGHT) { |celsius| y(celsius) } +
          Axes.minutes(@minutes, steps: [1, 2, 5, 10, 20, 30], most: 7, y: BOTTOM + 24) { |minutes| x(minutes) }
      end

      # As much earlier or later as kitchens differ.
      def band
        early, late =
          [1 - @band, 1 + @band].map { |factor| @points.map { |minutes, celsius| [x(minutes * factor), y(celsius)] } }
        Svg.tag("path", d: "#{Svg.path(early + late.reverse)}Z", class: "probe-band")
      end

      def expected =
        Svg.tag(
          "path",
          d: Svg.path(@points.map { |minutes, celsius| [x(minutes), y(celsius)] }),
          class: "probe-expected"
        )
      def done
        return "" unless @done

        Svg.tag("line", x1: LEFT, x2: RIGHT, y1: y(@done), y2: y(@done), class: "bake-done") +
          Svg.text("#{@done.round} °C", x: RIGHT - 4, y: y(@done) - 6, class: "tick", text_anchor: "end")
      end

      def seen
        return "" if @readings.empty?

        points = @readings.map { |minutes, celsius| [x(minutes), y(celsius)] }
        line = points.length > 1 ? Svg.tag("path", d: Svg.path(points), class: "probe-seen") : ""
        line + Svg.tag("circle", cx: points.last[0], cy: points.last[1], r: 6, class: "probe-now")
      end
    end
  end
end
