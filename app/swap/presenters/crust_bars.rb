module Restauro
  module Presenters
    # Flour, fat, binder, liquid and the rest of a crust on one bar, wheat's above ours; one scale, so that a hundred of
    # flour is as long on both.
    class CrustBars
      WIDTH = 720
      LEFT = 96
      RIGHT = 708
      TALL = 40
      ROWS = {wheat: 8, ours: 92}.freeze
      PARTS = {flour: "flour", fat: "fat", binder: "egg, binder", liquid: "water", other: "other"}.freeze
      SHAPES = {flour: "body", fat: "fat", binder: "binder", liquid: "liquid", other: "other"}.freeze

      # @param bars [Hash] wheat and ours, each grams of its parts
      def initialize(bars)
        @bars = bars
        @most = bars.values.map { |bar| bar[:grams] / flour(bar) }.max
      end

      # @return [String] SVG
      def to_s
        Svg.tag(
          "svg",
          ROWS.map { |side, top| row(side, top) }.join,
          viewBox: "0 0 #{WIDTH} 172",
          class: "crust-bars",
          role: "img",
          aria_label: words
        )
      end

      private

      def flour(bar) = bar[:flour].positive? ? bar[:flour] : bar[:grams]
      def percent(bar, part) = (100 * bar[part] / flour(bar)).round

      def words
        @bars
          .map do |side, bar|
            "#{side}: #{shown(bar).map { |part| "#{PARTS[part]} #{percent(bar, part)}" }.join(", ")} to 100 of flour"
          end
          .join("; ")
      end

      def shown(bar) = PARTS.keys.select { |part| bar[part] > 0.005 * bar[:grams] }

      def row(side, top)
        bar = @bars[side]
        x = LEFT
        drawn = shown(bar).map do |part|
          wide = (RIGHT - LEFT) * bar[part] / flour(bar) / @most
          segment(part, bar, x, wide, top).tap { x += wide }
        end
        Svg.text(side, x: LEFT - 12, y: top + 26, class: "bar-side", text_anchor: "end") + drawn.join
      end

      # A narrow part has its words left out of the bar; the line under it tells them all.
      def segment(part, bar, x, wide, top)
        label = "#{PARTS[part]} #{percent(bar, part)}"
        Svg.tag("rect", x: x, y: top, width: [wide, 1.5].max, height: TALL, class: "ribbon-#{SHAPES[part]} bar-part") +
          (wide > 11 * label.length - 10 ? Svg.text(label, x: x + 6, y: top + TALL + 20, class: "bar-name") : "")
      end
    end
  end
end
