module Restauro
  module Presenters
    # A pack on the shelf: its strength, drink and stretch as small gauges against wheat's, and what its label says.
    class ShelfView
      FINDINGS = {
        "contains" => "its label names gluten",
        "may_contain" => "may hold gluten: ask",
        "none_found" => "no word for gluten found: still read it",
        "cannot_tell" => "label in no language that is read"
      }.freeze
      WIDTH = 112

      # @param facts [Catalogue]
      def initialize(facts)
        @wheat = facts.fetch("wheat_flour")
      end

      def finding(pack) = pack.finding ? FINDINGS.fetch(pack.finding) : "label not read"

      # @return [String] SVG, empty where nothing can be gauged
      def gauges(ingredient)
        rows =
          [
            ["strength", ingredient.thick_power, @wheat.thick_power],
            ["drink", ingredient.hold_g_per_g, @wheat.hold_g_per_g],
            ["stretch", Hydration::Stretch.per_share(ingredient), 1.0]
          ].select { |_, value, _| value&.positive? }
        return "" if rows.empty?

        words = rows.map { |name, value, wheat| "#{name}, beside wheat: #{Format.against(value / wheat)}" }.join("; ")
        Svg.tag(
          "svg",
          rows.each_with_index.map { |row, index| gauge(*row, 22 * index) }.join,
          viewBox: "0 0 340 #{22 * rows.length}",
          class: "gauges",
          role: "img",
          aria_label: words
        )
      end

      # A bar against wheat's, which is the tick in the middle; what goes past the end is cut and says its number.
      def gauge(name, value, wheat, top)
        times = value / wheat
        Svg.text(name, x: 0, y: top + 15, class: "gauge-name") +
          Svg.tag("rect", x: 70, y: top + 5, width: WIDTH, height: 10, class: "gauge-well") +
          Svg.tag("rect", x: 70, y: top + 5, width: [WIDTH * times / 2, WIDTH].min, height: 10, class: "gauge-bar") +
          Svg.tag("line", x1: 70 + WIDTH / 2, x2: 70 + WIDTH / 2, y1: top + 1, y2: top + 19, class: "gauge-wheat") +
          Svg.text(Format.against(times), x: 70 + WIDTH + 6, y: top + 15, class: "gauge-number")
      end

      # How full the pack is.
      def fullness(pack)
        share = (pack.grams_left / pack.grams_full).clamp(0.0, 1.0)
        Svg.tag(
          "svg",
          Svg.tag("rect", x: 4, y: 2, width: 32, height: 52, class: "jar") +
            Svg.tag("rect", x: 6, y: 4 + 48 * (1 - share), width: 28, height: 48 * share, class: "jar-fill"),
          viewBox: "0 0 40 56",
          class: "jar-picture",
          role: "img",
          aria_label: "#{(100 * share).round} % full"
        )
      end
    end
  end
end
