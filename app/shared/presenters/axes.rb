module Restauro
  module Presenters
    # Minutes along the bottom of a picture, and degrees up its side.
    module Axes
      module_function

      # A tick every so many minutes, as many as find room.
      # @param minutes [Float] to the end
      # @param steps [Array] to choose from
      # @param most [Integer] ticks
      # @param y [Numeric] where they stand
      # @yield [Numeric] minutes to x
      # @return [String] SVG
      def minutes(minutes, steps:, most:, y:)
        step = steps.find { |one| minutes / one <= most } || steps.last
        (0..(minutes / step).floor)
          .map do |index|
            words = index.zero? ? "0 min" : (step.is_a?(Integer) ? index * step : Format.number(index * step))
            Svg.text(words, x: yield(index * step), y: y, class: "tick", text_anchor: "middle")
          end
          .join
      end

      # A line at each level, the last with its unit.
      # @param levels [Array<Integer>] C
      # @yield [Integer] C to y
      # @return [String] SVG
      def degrees(levels, left:, right:)
        levels
          .map do |celsius|
            y = yield(celsius)
            Svg.tag("line", x1: left, x2: right, y1: y, y2: y, class: "grid") +
              Svg.text(
                celsius == levels.last ? "#{celsius} °C" : celsius,
                x: left - 8,
                y: y + 5,
                class: "tick degrees",
                text_anchor: "end"
              )
          end
          .join
      end
    end
  end
end
