module Restauro
  module Presenters
    # A designed blend: its parts as one bar, and each property against wheat's.
    class BlendView
      NAMES = {
        hold_g_per_g: "drink",
        thick_power: "strength",
        protein_pct: "protein",
        starch_pct: "starch",
        fibre_pct: "fibre"
      }.freeze
      LEFT = 110
      WIDTH = 295

      attr_reader :blend

      # @param blend [Blends::Blend]
      def initialize(blend)
        @blend = blend
      end

      def spoons(part, grams) = (part.tbsp_g ? "#{Format.number(grams / part.tbsp_g)} tbsp" : "")

      # Whether a nearer mix could be there.
      def solver_words
        if blend.gap < SAME
          "No mix of these comes nearer."
        else
          "A nearer mix of these may be there, by #{(100 * blend.gap).ceil} % at most."
        end
      end
      SAME = 0.005

      # The solver's own figures, for who wants them.
      def figures
        "best to within #{Format.number(100 * blend.gap + 0.001)} % (miss #{Format.number(blend.objective)}, bound #{Format.number(blend.bound)})"
      end

      # Each property on a line from nothing to twice wheat's, wheat's in the middle and its tolerance around it.
      def picture
        rows = blend.properties.each_with_index.map { |(name, values), index| row(name, values, 46 * index + 8) }
        Svg.tag(
          "svg",
          rows.join,
          viewBox: "0 0 560 #{46 * blend.properties.length + 22}",
          class: "blend-picture",
          role: "img",
          aria_label: words
        )
      end

      private

      def words
        blend
          .properties
          .map { |name, values| "#{NAMES[name]}, beside wheat: #{Format.against(values[:blend] / values[:wheat])}" }
          .join("; ")
      end

      def x(value, wheat) = LEFT + WIDTH * (value / (2 * wheat)).clamp(0.0, 1.0)

      def row(name, values, top)
        wheat, tolerance = values[:wheat], blend.purpose.tolerances.fetch(name)
        from, to = x(wheat - tolerance, wheat), x(wheat + tolerance, wheat)
        Svg.text(NAMES[name], x: 0, y: top + 20, class: "blend-name") +
          Svg.tag("line", x1: LEFT, x2: LEFT + WIDTH, y1: top + 15, y2: top + 15, class: "axis") +
          Svg.tag("rect", x: from, y: top + 5, width: to - from, height: 20, class: "blend-band") +
          Svg.tag("line", x1: x(wheat, wheat), x2: x(wheat, wheat), y1: top + 1, y2: top + 29, class: "gauge-wheat") +
          Svg.tag("circle", cx: x(values[:blend], wheat), cy: top + 15, r: 7, class: "blend-dot") +
          Svg.text(Format.against(values[:blend] / wheat), x: LEFT + WIDTH + 12, y: top + 20, class: "blend-number")
      end
    end
  end
end
