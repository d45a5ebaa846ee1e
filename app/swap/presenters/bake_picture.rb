module Restauro
  module Presenters
    # The bake over the minutes: how hot the rim gets and the middle of the filling, when the weights go out, when to
    # cover it, when it is done.
    class BakePicture
      WIDTH = 720
      LEFT = 92
      RIGHT = 704
      TOP = 100
      BOTTOM = 330
      LOW = 0
      HIGH = 200

      # @param bake [Hash] from Families::Crust::Picture
      def initialize(bake)
        @bake = bake
        @end = [bake[:prebake], bake[:bake]].compact.sum
        # The recipe's own minutes, where they are others.
        @told = bake[:agreed] && (bake[:prebake] || 0) + bake[:agreed]
        @told = nil if @told && (@told - @end).abs < 1
        @minutes = [1.15 * [@end, @told].compact.max, 10.0].max
      end

      # @return [String] SVG
      def to_s
        Svg.tag(
          "svg",
          [band, grid, rim, filling, marks].join,
          viewBox: "0 0 #{WIDTH} 384",
          class: "bake-picture",
          role: "img",
          aria_label: words
        )
      end

      private

      def words
        [
          ("#{number(@bake[:prebake])} min before it is filled" if @bake[:prebake]),
          ("#{number(@bake[:bake])} min to #{@bake[:fried] ? "fry" : "bake"}" if @bake[:bake]),
          ("#{rim_name} golden at #{number(@bake[:rim_golden])} min" if @bake[:rim_golden]),
          ("#{rim_name} burnt at #{number(@bake[:rim_burnt])}" if @bake[:rim_burnt])
        ].compact.join(", ") + " at #{@bake[:oven]} °C; #{heat} may be out by #{(100 * @bake[:band]).round} %"
      end

      def heat = @bake[:fried] ? "the fat" : "an oven"
      def rim_name = @bake[:fried] ? "crust" : "rim"
      def number(value) = value.round.to_s
      def x(minutes) = LEFT + (RIGHT - LEFT) * [minutes / @minutes, 1.0].min
      def y(celsius) = BOTTOM - (BOTTOM - TOP) * (celsius.clamp(LOW, HIGH) - LOW) / (HIGH - LOW).to_f

      def band
        from, to = @end * (1 - @bake[:band]), @end * (1 + @bake[:band])
        Svg.tag("rect", x: x(from), y: TOP, width: x(to) - x(from), height: BOTTOM - TOP, class: "bake-band")
      end

      def grid
        Axes.degrees([0, 50, 100, 150, 200], left: LEFT, right: RIGHT) { |celsius| y(celsius) } +
          Axes.minutes(@minutes, steps: [2, 5, 10, 20, 30], most: 8, y: BOTTOM + 24) { |minutes| x(minutes) }
      end

      def rim
        points = @bake[:rim].map { |minutes, celsius| [x(minutes), y(celsius)] }
        return "" if points.length < 2

        name = Svg.text(rim_name, x: points.last[0] - 4, y: points.last[1] - 10, class: "section-name",
                                  text_anchor: "end")
        Svg.tag("path", d: Svg.path(points), class: "bake-rim") + name
      end

      # From when it goes in.
      def filling
        start = @bake[:prebake] || 0
        points =
          @bake[:filling]
            .map { |minutes, celsius| [minutes + start, celsius] }
            .select { |minutes, _| minutes <= @minutes }
        return "" if points.length < 2

        drawn = points.map { |minutes, celsius| [x(minutes), y(celsius)] }
        done = @bake[:done_celsius]
        Svg.tag("line", x1: LEFT, x2: RIGHT, y1: y(done), y2: y(done), class: "bake-done") +
          Svg.text("done at #{done.round} °C", x: LEFT + 48, y: y(done) + 18, class: "tick") +
          Svg.tag("path", d: Svg.path(drawn), class: "bake-filling") + named(drawn[drawn.length / 3])
      end

      # Under its line, to the left of it where the right is short.
      def named(point)
        left = point[0] > RIGHT - 190
        Svg.text(
          "middle of the filling",
          x: point[0] + (left ? -12 : 16),
          y: point[1] + 14,
          class: "section-name",
          text_anchor: left ? "end" : "start"
        )
      end

      # Alternately high and low, so that names do not meet.
      def marks
        filled = @bake[:prebake] if @bake[:bake]
        out = @told ? {"as the recipe says" => @told, "reckoned" => @end} : {"done" => @end}
        names = {"weights out" => @bake[:weighted], "fill" => filled, "cover the rim" => @bake[:cover_from], **out}
        names
          .compact
          .sort_by(&:last)
          .each_with_index
          .map { |(name, minutes), index| mark("#{name}, #{number(minutes)}", minutes, index, name == out.keys.first) }
          .join
      end

      def mark(words, minutes, index, done)
        top = [16, 41, 66, 91][index % 4]
        anchor = x(minutes) > RIGHT - 90 ? "end" : (x(minutes) < LEFT + 60 ? "start" : "middle")
        Svg.tag(
          "line",
          x1: x(minutes),
          x2: x(minutes),
          y1: top + 4,
          y2: BOTTOM,
          class: "section-mark#{" mark-line-done" if done}"
        ) + Svg.text(words, x: x(minutes), y: top, class: "section-name", text_anchor: anchor)
      end
    end
  end
end
