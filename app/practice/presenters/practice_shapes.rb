module Restauro
  module Presenters
    # What the practice pictures are drawn with: round things, scattered by a seed so that they stay from second to
    # second, and cuts.
    module PracticeShapes
      # @return [String] SVG of an ellipse
      def ellipse(x, y, wide, high, name) = Svg.tag("ellipse", cx: x, cy: y, rx: wide, ry: high, class: name)

      # Where things lie, the same every time.   @return [Array<Array(Float, Float)>] how far away, and the turn
      def places(count, radius)
        random = Random.new(7)
        Array.new(count) { [Math.sqrt(random.rand) * radius, random.rand * 2 * Math::PI] }
      end

      # @return [Array(Float, Float)] a place around a middle, seen a little from the side
      def at(centre, away, turn, squash = 0.62)
        [centre[0] + away * Math.cos(turn), centre[1] + away * squash * Math.sin(turn)]
      end

      # @return [String] SVG of bubbles
      def dots(found, centre, size)
        found.map { |away, turn| ellipse(*at(centre, away, turn), size, size, "practice-bubble") }.join
      end

      # Cut open: rings from the middle out, by their own temperature.   @param profile [Array<Float>] C
      def rings(profile, x, y, radius)
        profile.each_with_index.reverse_each.map do |celsius, index|
          away = radius * (index + 1.0) / profile.length
          ellipse(x, y, away, away, "practice-ring heat-#{(celsius / 20).floor.clamp(0, 4)}")
        end.join
      end
    end
  end
end
