module Restauro
  module Presenters
    # The layers of wheat's crumb coat and of ours, side by side, to scale from the piece out; names stand apart where
    # layers are thin.
    class Layers
      PER_MM = 46
      LEAST = 4
      LINE = 21
      WIDTH = 336
      BAR = 84
      SIDES = %i[wheat ours].freeze

      # @param picture [Hash] from Families::Breading#picture
      def initialize(picture)
        @picture = picture
        @base = 24 + SIDES.map { |side| picture[side].sum { |layer| tall(layer) } }.max
      end

      # @return [String] HTML of two SVGs
      def to_s = "<div class=\"layers-pair\">#{SIDES.map { |side| drawing(side) }.join}</div>"

      private

      def drawing(side)
        Svg.tag(
          "svg",
          column(@picture[side], side),
          viewBox: "0 0 #{WIDTH} #{(@base + 56).round}",
          class: "layers",
          role: "img",
          aria_label: words(side)
        )
      end

      def words(side) = "#{side}: #{@picture[side].map { |layer| "#{layer[:say]}, #{millimetres(layer)}" }.join("; ")}"

      def millimetres(layer) = "#{Format.number(layer[:mm])} mm"
      def tall(layer) = [layer[:mm] * PER_MM, LEAST].max

      def column(layers, side)
        top = @base
        label = @base + LINE + 4
        drawn = layers.map do |layer|
          top -= tall(layer)
          label = [label - LINE, top + tall(layer) / 2 + 5].min
          bar(layer, top) + name_of(layer, top + tall(layer) / 2, label)
        end
        drawn.join + Svg.tag("rect", x: 0, y: @base, width: BAR, height: 26, class: "layer-piece") +
          Svg.text(side, x: 0, y: @base + 48, class: "legend")
      end

      def bar(layer, top) =
        Svg.tag("rect", x: 0, y: top, width: BAR, height: tall(layer), class: "layer-#{layer[:name]}")

      def name_of(layer, middle, label)
        Svg.tag("path", d: Svg.path([[BAR, middle], [BAR + 10, label - 5]]), class: "layer-line") +
          Svg.text("#{shortened(layer[:say])}, #{millimetres(layer)}", x: BAR + 14, y: label, class: "layer-name")
      end

      def shortened(name) = name.length > 24 ? "#{name[0, 23].rpartition(" ").first} …" : name
    end
  end
end
