module Restauro
  module Presenters
    # The layers of wheat's crumb coat and of ours, side by side, to scale from the piece out; names stand apart where layers are thin.
    class Layers
      PER_MM = 46
      LEAST = 4
      LINE = 21
      WIDTH = 676
      BAR = 84
      # x of the bar, and what it is
      COLUMNS = {wheat: [0, "wheat"], ours: [336, "ours"]}.freeze

      # @param picture [Hash] from Families::Breading#picture
      def initialize(picture)
        @picture = picture
        @base = 24 + COLUMNS.keys.map { |side| picture[side].sum { |layer| tall(layer) } }.max
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", COLUMNS.map { |side, (x, name)| column(@picture[side], x, name) }.join, viewBox: "0 0 #{WIDTH} #{(@base + 56).round}",
                class: "layers", role: "img", aria_label: words)
      end

      private

      def words
        COLUMNS.map { |side, (_, name)| "#{name}: #{@picture[side].map { |layer| "#{layer[:say]}, #{millimetres(layer)}" }.join("; ")}" }.join(". ")
      end

      def millimetres(layer) = "#{Format.number(layer[:mm])} mm"
      def tall(layer) = [layer[:mm] * PER_MM, LEAST].max

      def column(layers, x, name)
        top = @base
        label = @base + LINE + 4
        drawn = layers.map do |layer|
          top -= tall(layer)
          label = [label - LINE, top + tall(layer) / 2 + 5].min
          bar(layer, x, top) + name_of(layer, x, top + tall(layer) / 2, label)
        end
        drawn.join + Svg.tag("rect", x: x, y: @base, width: BAR, height: 26, class: "layer-piece") +
          Svg.text(name, x: x, y: @base + 48, class: "legend")
      end

      def bar(layer, x, top) = Svg.tag("rect", x: x, y: top, width: BAR, height: tall(layer), class: "layer-#{layer[:name]}")

      def name_of(layer, x, middle, label)
        Svg.tag("path", d: Svg.path([[x + BAR, middle], [x + BAR + 10, label - 5]]), class: "layer-line") +
          Svg.text("#{shortened(layer[:say])}, #{millimetres(layer)}", x: x + BAR + 14, y: label, class: "layer-name")
      end

      def shortened(name) = name.length > 24 ? "#{name[0, 23].rpartition(" ").first} …" : name
    end
  end
end
