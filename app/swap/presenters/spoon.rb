module Restauro
  module Presenters
    # The back of a spoon just lifted out, a line drawn through it: it stays, closes or was never there; beside it the
    # computed film on the metal, cut through and drawn to a scale of its own.
    class Spoon
      # pixels a millimetre of film
      SCALE = 9
      LINE_WIDTH = {"runny" => 0, "thin" => 0, "medium" => 5, "thick" => 11, "very_thick" => 15}.freeze
      COVER = {"runny" => 0.25, "thin" => 0.5, "medium" => 0.85, "thick" => 1, "very_thick" => 1}.freeze
      MOST_PX = 60

      # @param moment [Hash] of a snapshot's look_fors
      def initialize(moment)
        @moment = moment
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", drawn + name, viewBox: "0 0 206 84", class: "spoon", role: "img", aria_label: words)
      end

      # Without its name, to stand in another picture.   @return [String] what is inside of the SVG
      def drawn = [handle, bowl, drawn_line, drips, section].join
      # A finger cannot tell a film of half a tenth from none.
      def film_words = @moment[:film_mm] < 0.1 ? "under 0.1 mm" : "#{Format.number(@moment[:film_mm])} mm"

      private

      def words = "Spoon: #{@moment[:text]}; film #{film_words}"
      def grade = @moment[:grade]
      def handle = Svg.tag("path", d: "M88 37H118", class: "spoon-metal")

      def bowl
        shape = {cx: 50, cy: 37, rx: 40, ry: 27}
        Svg.tag("ellipse", **shape, class: "spoon-bowl") +
          Svg.tag("ellipse", **shape, class: "spoon-film", fill_opacity: COVER.fetch(grade)) +
          Svg.tag("ellipse", **shape, class: "spoon-rim")
      end

      # Drawn with a finger: clean where it stays, running together where it closes.
      def drawn_line
        width = LINE_WIDTH.fetch(grade)
        return "" if width.zero?
        if grade == "medium"
          return Svg.tag("path", d: "M50 11C46 24 54 30 50 37C46 46 53 52 50 63", class: "spoon-closing")
        end

        Svg.tag("rect", x: 50 - width / 2.0, y: 11, width: width, height: 52, class: "spoon-gap")
      end

      def drips
        case grade
        when "runny"
          [[38, 70], [50, 74], [62, 69], [50, 82]].map do |x, y|
              Svg.tag("circle", cx: x, cy: y, r: 2.2, class: "spoon-film")
            end
            .join
        when "thin"
          [[44, 71], [56, 76]].map { |x, y| Svg.tag("circle", cx: x, cy: y, r: 2.8, class: "spoon-film") }.join
        when "medium"
          Svg.tag("path", d: "M46 63C46 72 43 75 47 79C51 75 49 70 50 63Z", class: "spoon-film")
        else
          ""
        end
      end

      def section
        height = (@moment[:film_mm] * SCALE).clamp(0.8, MOST_PX)
        Svg.tag("rect", x: 136, y: 66 - height, width: 44, height: height, class: "spoon-film") +
          Svg.tag("path", d: "M132 68H184", class: "spoon-metal")
      end

      def name = Svg.text(film_words, x: 158, y: 82, class: "spoon-scale", text_anchor: "middle")
    end
  end
end
