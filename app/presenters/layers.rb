module Restauro
  module Presenters
    # The layers of wheat's crumb coat and of ours, side by side, to scale from the piece out.
    class Layers
      PER_MM = 46
      BASE = 190
      COLUMNS = {wheat: [40, "wheat"], ours: [300, "ours"]}.freeze

      # @param picture [Hash] from Families::Breading#picture
      def initialize(picture)
        @picture = picture
      end

      # @return [String] SVG
      def to_s = Svg.tag("svg", COLUMNS.map { |side, (x, name)| column(@picture[side], x, name) }.join, viewBox: "0 0 560 240", class: "layers",
                         role: "img", aria_label: words)

      private

      def words
        COLUMNS.map { |side, (_, name)| "#{name}: #{@picture[side].map { |layer| layer_words(layer) }.join("; ")}" }.join(". ")
      end

      def layer_words(layer) = "#{layer[:say]}, #{Format.number(layer[:mm])} mm"

      def column(layers, x, name)
        y = BASE
        drawn = layers.map do |layer|
          height = [layer[:mm] * PER_MM, 3].max
          y -= height
          Svg.tag("rect", x: x, y: y, width: 96, height: height, class: "layer-#{layer[:name]}") +
            Svg.text(layer_words(layer), x: x + 106, y: y + [height / 2 + 5, 12].max, class: "layer-name")
        end
        drawn.join + Svg.tag("rect", x: x, y: BASE, width: 96, height: 26, class: "layer-piece") + Svg.text(name, x: x, y: BASE + 44, class: "legend")
      end
    end
  end
end
