module Restauro
  module Presenters
    # A piece cut through, over the minutes in the pot: skin to skin from top to bottom, coloured by temperature; when
    # it floats as a hatched band, when it is done as a line, and where water has not reached yet as an outline.
    class BoilPicture
      WIDTH = 720
      LEFT = 92
      RIGHT = 700
      TOP = 64
      BOTTOM = 316

      # @param boil [Hash] from Families::Dough::Picture   @param shape [String]
      def initialize(boil, shape)
        @boil = boil
        @shape = shape
        @columns = boil[:columns]
        @minutes = @columns.last[:minutes]
      end

      # @return [String] SVG, and what its colours mean
      def to_s
        Svg.tag(
          "svg",
          [hatch, cells, thaw, core, float, done, axes].join,
          viewBox: "0 0 #{WIDTH} 372",
          class: "section-picture boil-picture",
          role: "img",
          aria_label: words
        ) + HeatBands.legend
      end

      private

      def words
        done = @boil[:done] ? "done at #{Format.number(@boil[:done])} min" : "never done"
        "A #{@shape} piece #{Format.number(@boil[:thickness_mm])} mm through, in water at #{@boil[:boiling_celsius].round} °C: " \
          "floats at about #{@boil[:float][:value].round} min, #{done}"
      end

      def x(minutes) = LEFT + (RIGHT - LEFT) * minutes / @minutes
      def middle = (TOP + BOTTOM) / 2.0

      def cells
        bands = HeatBands.new
        @columns.each_cons(2) do |column, following|
          # From the middle to the skin, and the same the other way.
          through = column[:profile].reverse + column[:profile].drop(1)
          bands.column(through, from: x(column[:minutes]), to: x(following[:minutes]), top: TOP, bottom: BOTTOM)
        end
        bands.to_s
      end

      def thaw
        return "" if @boil[:thaw_minutes].zero?

        Svg.tag(
          "rect",
          x: LEFT,
          y: TOP,
          width: x(@boil[:thaw_minutes]) - LEFT,
          height: BOTTOM - TOP,
          class: "thawing"
        ) + Svg.text("thawing", x: LEFT + 6, y: middle + 5, class: "section-name")
      end

      # The part that water has not reached, as thick as it is.
      def core
        cored = @columns.select { |column| column[:core_mm] }
        return "" if cored.empty? || (@boil[:path_mm] - @boil[:thickness_mm]).abs > 0.01

        half = ->(column) { column[:core_mm] / @boil[:thickness_mm] * (BOTTOM - TOP) / 2 }
        upper = cored.map { |column| [x(column[:minutes]), middle - half[column]] }
        lower = cored.reverse.map { |column| [x(column[:minutes]), middle + half[column]] }
        Svg.tag("path", d: "#{Svg.path(upper + lower)}Z", class: "dry-core") +
          Svg.text("dry inside", x: LEFT + 8, y: middle + 5, class: "core-name")
      end

      def hatch
        line = Svg.tag("path", d: "M0 8L8 0", class: "hatch-line")
        Svg.tag(
          "defs",
          Svg.tag("pattern", line, id: "float-hatch", width: 8, height: 8, patternUnits: "userSpaceOnUse")
        )
      end

      def float
        at = @boil[:float]
        left, right = x(at[:low]), [x(at[:high]), RIGHT].min
        Svg.tag("rect", x: left, y: TOP - 14, width: right - left, height: 14, class: "float-band") +
          Svg.tag("line", x1: x(at[:value]), x2: x(at[:value]), y1: TOP - 22, y2: BOTTOM, class: "section-mark") +
          Svg.text(
            "floats, about #{at[:value].round} min",
            x: x(at[:value]),
            y: 18,
            class: "section-name",
            text_anchor: anchor(at[:value])
          )
      end

      def done
        minutes = @boil[:done] or return ""
        Svg.tag("line", x1: x(minutes), x2: x(minutes), y1: 44, y2: BOTTOM, class: "section-mark mark-line-done") +
          Svg.text(
            "done, #{Format.number(minutes)} min",
            x: x(minutes),
            y: 40,
            class: "section-name",
            text_anchor: anchor(minutes)
          )
      end

      def anchor(minutes) = x(minutes) > RIGHT - 110 ? "end" : (x(minutes) < LEFT + 90 ? "start" : "middle")

      def axes
        ticks = Axes.minutes(@minutes, steps: [0.5, 1, 2, 5, 10], most: 9, y: BOTTOM + 24) { |minutes| x(minutes) }
        names = {"skin" => TOP + 14, "middle" => middle + 5, "skin " => BOTTOM - 2}
        ticks +
          names.map { |name, y| Svg.text(name.strip, x: LEFT - 8, y: y, class: "tick", text_anchor: "end") }.join +
          Svg.text(
            "#{Format.number(@boil[:thickness_mm])} mm through",
            x: RIGHT,
            y: BOTTOM + 46,
            class: "tick",
            text_anchor: "end"
          )
      end
    end
  end
end
