module Restauro
  module Presenters
    # The pieces as they are cut, to scale: rounds on a sheet, ribbons, a rope with its cuts, strands; a bar of five
    # centimetres beside them.
    class LayoutPicture
      WIDTH = 680
      MOST_HEIGHT = 250
      MARGIN = 10
      BAR_MM = 50
      ROPE_CUTS = 12
      STRANDS = 8
      STRAND_MM = 150
      # Spoonfuls in a row, and rows of what a sieve lets through.
      BALLS = 6
      DROPS = 4

      # @param layout [Hash] from Families::Dough::Picture
      def initialize(layout)
        @layout = layout
      end

      # @return [String] SVG and its words
      def to_s
        height = MARGIN * 2 + wide_mm * scale + 34
        drawn = pieces + bar(MARGIN * 2 + wide_mm * scale)
        Svg.tag("svg", drawn, viewBox: "0 0 #{WIDTH} #{height.round}", class: "layout-picture", role: "img",
                aria_label: words) +
          "<p class=\"quiet\">#{ERB::Util.html_escape(words)}</p>"
      end

      private

      def long_mm
        return @layout[:length_mm] if on_a_sheet?

        {"extruded" => STRAND_MM.to_f, "strings" => STRAND_MM.to_f, "pushed" => STRAND_MM.to_f,
         "spooned" => 2 * BALLS * @layout[:thickness_mm], "round" => 2 * BALLS * @layout[:thickness_mm]}
          .fetch(@layout[:shape]) { ROPE_CUTS * @layout[:thickness_mm] }
      end

      def wide_mm
        return @layout[:width_mm] if on_a_sheet?

        {"extruded" => 2 * STRANDS, "strings" => 2 * STRANDS, "pushed" => 2 * DROPS}
          .fetch(@layout[:shape], 1) * @layout[:thickness_mm]
      end

      def on_a_sheet? = %w[filled rolled sheets].include?(@layout[:shape])

      # Pixels a millimetre; a small thing is not blown up beyond six.
      def scale = [(WIDTH - 2 * MARGIN) / long_mm, MOST_HEIGHT / wide_mm, 6.0].min

      def words
        each = "#{@layout[:pieces]} pieces of #{Format.grams(@layout[:piece_g])} g dough"
        case @layout[:shape]
        when "filled" then "#{sheets}: #{@layout[:rounds].join(", then ")} rounds; #{each}"
        when "rolled" then "#{sheets}: #{@layout[:pieces]} ribbons #{mm(:cutter_mm)} mm wide"
        when "sheets" then "#{sheets}, #{mm(:thickness_mm)} mm thick; #{each}"
        when "spooned" then "#{each}, about #{mm(:thickness_mm)} mm across; they swell as they cook"
        when "pushed" then "About #{@layout[:pieces]} drops, #{mm(:thickness_mm)} mm thick"
        when "thumbed" then "Rope #{mm(:thickness_mm)} mm thick, cut as long, each pressed thin: #{each}"
        when "dumpling" then "Rope #{mm(:thickness_mm)} mm thick, cut as long: #{each}"
        else "#{each}, #{mm(:thickness_mm)} mm across"
        end
      end

      def mm(name) = Format.number(@layout[name])
      def sheets
        wide, long = @layout.values_at(:width_mm, :length_mm).map { |side| (side / 10).round }
        "#{@layout[:sheets]} sheet#{"s" if @layout[:sheets] > 1} of #{wide} x #{long} cm"
      end

      def pieces
        case @layout[:shape]
        when "filled" then rounds
        when "rolled" then ribbons
        when "sheets" then sheet
        when "spooned", "round" then balls
        when "pushed" then drops
        when "dumpling", "thumbed" then rope
        else strands
        end
      end

      def sheet = Svg.tag("rect", x: MARGIN, y: MARGIN, width: long_mm * scale, height: wide_mm * scale, class: "dough")

      def rounds
        radius = @layout[:cutter_mm] / 2
        sheet + @layout[:centres].map do |along, across|
          Svg.tag("circle", cx: MARGIN + along * scale, cy: MARGIN + across * scale, r: radius * scale, class: "cut") +
            (@layout[:rounds_each] == 1 ? fold(along, across, radius) : "")
        end.join
      end

      # Where a round is folded.
      def fold(along, across, radius)
        Svg.tag("line", x1: MARGIN + (along - radius) * scale, x2: MARGIN + (along + radius) * scale, y1: MARGIN +
                across * scale,
                        y2: MARGIN + across * scale, class: "fold")
      end

      def ribbons
        count = (wide_mm / @layout[:cutter_mm]).floor
        sheet + (1..count).map do |index|
          y = MARGIN + index * @layout[:cutter_mm] * scale
          Svg.tag("line", x1: MARGIN, x2: MARGIN + long_mm * scale, y1: y, y2: y, class: "cut")
        end.join
      end

      def rope
        side = @layout[:thickness_mm] * scale
        Array.new(ROPE_CUTS) do |index|
          Svg.tag("rect", x: MARGIN + index * side, y: MARGIN, width: side - 2, height: side, rx: side / 5,
                  class: "dough")
        end.join
      end

      def balls
        radius = @layout[:thickness_mm] * scale / 2
        Array.new(BALLS) { |index|
          Svg.tag("circle", cx: MARGIN + (4 * index + 2) * radius, cy: MARGIN + radius, r: radius, class: "dough")
        }.join
      end

      # Short, of no two lengths.
      def drops
        thick = @layout[:thickness_mm] * scale
        Array.new(DROPS * 8) do |index|
          row, place = index.divmod(8)
          Svg.tag("rect", x: MARGIN + (place + 0.3 * (row % 2)) * STRAND_MM * scale / 9, y: MARGIN + row * 2 * thick,
                          width: thick * (2.0 + (index * 7 % 5) / 4.0), height: thick, rx: thick / 2, class: "dough")
        end.join
      end

      def strands
        Array.new(STRANDS) do |index|
          Svg.tag("rect", x: MARGIN, y: MARGIN + index * 2 * @layout[:thickness_mm] * scale, width: long_mm * scale,
                          height: @layout[:thickness_mm] * scale, rx: @layout[:thickness_mm] * scale / 2,
                          class: "dough")
        end.join
      end

      def bar(y) = Svg.scale_bar("5 cm", left: MARGIN, right: MARGIN + BAR_MM * scale, top: y)
    end
  end
end
