module Restauro
  module Presenters
    # The pan from above, to scale: what is rolled out, the pan in it or under it, where the rim is folded, the vents, a
    # bar of ten centimetres.
    class PanPicture
      WIDTH = 680
      MOST_HEIGHT = 300
      MARGIN = 12
      BAR_CM = 10

      # @param pan [Hash] from Families::Crust::Picture
      def initialize(pan)
        @pan = pan
        @roll = pan[:roll_cm] || [pan[:length_cm], pan[:width_cm]]
      end

      # @return [String] SVG and its words
      def to_s
        height = (2 * MARGIN + wide * scale + 34).round
        drawn = [rolled, pan, sheet, vents, bar(2 * MARGIN + wide * scale)].join
        Svg.tag("svg", drawn, viewBox: "0 0 #{WIDTH} #{height}", class: "pan-picture", role: "img", aria_label: words) +
          "<p class=\"quiet\">#{ERB::Util.html_escape(words)}</p>"
      end

      private

      def long = [@roll[0], @pan[:length_cm], sheet_sides[0]].max
      def wide = [@roll[1], @pan[:width_cm], sheet_sides[1]].max
      def scale = [(WIDTH - 2 * MARGIN) / long, MOST_HEIGHT / wide].min
      def sheet_sides = @pan[:sheet] ? [@pan[:sheet][:length_cm], @pan[:sheet][:width_cm]] : [0.0, 0.0]
      def middle = [MARGIN + long * scale / 2, MARGIN + wide * scale / 2]
      def cm(value) = Format.number(value).delete_suffix(".0")
      def sides(pair) = round? ? "#{cm(pair.first)} cm across" : "#{pair.map { |side| cm(side) }.join(" x ")} cm"
      def round? = @pan[:shape].to_s == "round"

      def words
        lies = "#{@pan[:style] == "sheet" ? "sheet" : "dough"} #{cm(@pan[:thickness_mm])} mm thick"
        if @pan[:cover] == "free"
          return "#{lies}, free on a tray, rolled to #{sides(@roll)}; the rim is folded in along the inner line"
        end

        rolled = @pan[:roll_cm] ? ", rolled to #{sides(@roll)}" : ""
        "#{sides([@pan[:length_cm], @pan[:width_cm]])}#{" and #{cm(@pan[:depth_cm])} cm deep" if @pan[:depth_cm]}: #{lies}#{rolled}" \
          "#{", #{@pan[:vents].length} vents" if @pan[:vents].any?}"
      end

      def outline(sides, css)
        x, y = middle
        half_long, half_wide = sides.map { |side| side * scale / 2 }
        unless @pan[:shape].to_s == "rectangle"
          return Svg.tag("ellipse", cx: x, cy: y, rx: half_long, ry: half_wide, class: css)
        end

        Svg.tag(
          "rect",
          x: x - half_long,
          y: y - half_wide,
          width: 2 * half_long,
          height: 2 * half_wide,
          rx: 4,
          class: css
        )
      end

      def rolled = @pan[:roll_cm] ? outline(@roll, "dough") : outline([@pan[:length_cm], @pan[:width_cm]], "dough")
      def pan = outline([@pan[:length_cm], @pan[:width_cm]], @pan[:cover] == "free" ? "fold" : "cut")

      # The bought sheet as it comes, where it is cut from.
      def sheet
        return "" unless @pan[:sheet]

        x, y = middle
        long, wide = sheet_sides.map { |side| side * scale }
        Svg.tag("rect", x: x - long / 2, y: y - wide / 2, width: long, height: wide, class: "fold")
      end

      def vents
        x, y = middle
        @pan[:vents]
          .map do |across, down|
            cx, cy = x + across * @pan[:length_cm] * scale / 2, y + down * @pan[:width_cm] * scale / 2
            Svg.tag("line", x1: cx, y1: cy, x2: cx + 12 * across * 2, y2: cy + 12 * down * 2, class: "vent")
          end
          .join
      end

      def bar(y) = Svg.scale_bar("10 cm", left: MARGIN, right: MARGIN + BAR_CM * scale, top: y)
    end
  end
end
