module Restauro
  module Presenters
    # The water-ratio ladder, from the wettest down: each rung as high as its share of a log scale, wheat's mark and
    # ours beside it.
    class Ladder
      WIDTH = 600
      TOP = 34
      BOTTOM = 404
      LEFT = 64
      RIGHT = 330

      # @param picture [Hash] with rungs, target, wheat and ours
      # @param low, high [Float] ratios at its ends
      # @param ticks [Array<Numeric>]
      def initialize(picture, low: 1.0, high: 7.0, ticks: [1, 1.5, 2, 3, 4, 5, 7])
        @picture = picture
        @low = low
        @high = high
        @ticks = ticks
      end

      # @return [String] SVG
      def to_s
        drawn = [rungs, ticks, mark(:wheat, LEFT + 142, "wheat"), mark(:ours, LEFT + 48, "ours"), target].join
        Svg.tag("svg", drawn, viewBox: "0 0 #{WIDTH} #{BOTTOM + 26}", class: "ladder", role: "img", aria_label: words)
      end

      private

      def words
        ours, wheat = %i[ours wheat].map { |side| Format.number(@picture[side][:value]) }
        "Water ratio: ours #{ours}, wheat #{wheat}, target #{Format.number(@picture[:target])}"
      end

      def y(ratio) = BOTTOM - (BOTTOM - TOP) * Math.log(ratio.clamp(@low, @high) / @low) / Math.log(@high / @low)

      def rungs
        shown = @picture[:rungs].select { |rung| (rung[:upper] || @high) > @low && rung[:lower] < @high }
        shown
          .each_with_index
          .map do |rung, index|
            top, bottom = y(rung[:upper] || @high), y([rung[:lower], @low].max)
            Svg.tag(
              "rect",
              x: LEFT,
              y: top,
              width: RIGHT - LEFT,
              height: bottom - top,
              class: "band band-#{index.odd? ? 3 : 1}"
            ) + Svg.text(rung[:key].tr("_", " "), x: RIGHT + 14, y: (top + bottom) / 2 + 1, class: "rung-name") +
              (
                if bottom - top > 30
                  Svg.text(rung[:says], x: RIGHT + 14, y: (top + bottom) / 2 + 17, class: "rung-says")
                else
                  ""
                end
              )
          end
          .join
      end

      def ticks
        @ticks.map { |ratio| Svg.text(ratio, x: LEFT - 10, y: y(ratio) + 5, class: "tick", text_anchor: "end") }.join +
          Svg.text("g of free water to each g held", x: LEFT, y: 18, class: "axis-name")
      end

      # A dot with its band.
      def mark(side, x, name)
        ratio = @picture[side]
        Svg.tag("line", x1: x, x2: x, y1: y(ratio[:low]), y2: y(ratio[:high]), class: "ladder-band ladder-#{side}") +
          Svg.tag("circle", cx: x, cy: y(ratio[:value]), r: 9, class: "ladder-dot ladder-#{side}") +
          Svg.text("#{name} #{Format.number(ratio[:value])}", x: x + 15, y: y(ratio[:value]) - 9, class: "ladder-name")
      end

      def target =
        Svg.tag("line", x1: LEFT, x2: RIGHT, y1: y(@picture[:target]), y2: y(@picture[:target]), class: "target-line")
    end
  end
end
