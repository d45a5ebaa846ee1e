# frozen_string_literal: true

module Restauro
  module Presenters
    # Small pies from above, to scale: the rounds that are cut, the cup that each goes into, its lid, a bar of ten
    # centimetres.
    class CupsPicture
      WIDTH = 680
      MARGIN = 12
      MOST_IN_ROW = 6
      MOST_ROWS = 4
      LARGEST = 110
      BAR_CM = 10

      # @param cups [Hash] from Families::Crust::Picture
      def initialize(cups)
        @cups = cups
        @round = cups[:case_cm] || cups[:lid_cm]
      end

      # @return [String] SVG and its words
      def to_s
        Svg.tag("svg", [*pies, bar].join, viewBox: "0 0 #{WIDTH} #{(top(rows) + 34).round}", class: "pan-picture",
                role: "img", aria_label: words) +
          "<p class=\"quiet\">#{ERB::Util.html_escape(words)}</p>"
      end

      private

      def drawn = [@cups[:count], MOST_IN_ROW * MOST_ROWS].min
      def in_row = [drawn, MOST_IN_ROW].min
      def rows = (drawn / in_row.to_f).ceil
      def step = [(WIDTH - 2.0 * MARGIN) / in_row, LARGEST].min
      # Pixels to a centimetre, with a little air between two.
      def scale = step / (@round + 0.6)
      def top(row) = MARGIN + row * step

      def pies
        Array.new(drawn) do |index|
          row, column = index.divmod(in_row)
          pie(MARGIN + (column + 0.5) * step, top(row) + step / 2)
        end
      end

      def pie(x, y)
        [[@cups[:case_cm], "dough"], [@cups[:across_cm], "cut"], [@cups[:lid_cm], "fold"]].map do |across, css|
          across ? Svg.tag("circle", cx: x, cy: y, r: across * scale / 2, class: css) : ""
        end.join
      end

      def words
        rounds = [("#{cm(@cups[:case_cm])} cm for the case" if @cups[:case_cm]),
                  ("#{cm(@cups[:lid_cm])} cm for the lid" if @cups[:lid_cm])].compact.join(", ")
        few = " (#{drawn} are drawn)" if drawn < @cups[:count]
        "#{@cups[:count]} of them#{few}, dough #{cm(@cups[:thickness_mm])} mm thick: rounds of #{rounds}; " \
          "cups #{cm(@cups[:across_cm])} cm across the middle and #{cm(@cups[:deep_cm])} cm deep"
      end

      def cm(value) = Format.number(value.round(1)).delete_suffix(".0")
      def bar = Svg.scale_bar("10 cm", left: MARGIN, right: MARGIN + BAR_CM * scale, top: top(rows))
    end
  end
end
