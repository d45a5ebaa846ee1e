require "json"

module Restauro
  module Presenters
    # The target line over a sauce's instrument, and the grip that it is pulled by: a slider that carries where it can
    # stop.
    class CourseTarget
      # @param picture [Hash] from Families::Sauce#picture   @param right [Integer] where the line ends
      # @param y [Proc] Pa s => height
      def initialize(picture, left:, right:, y:)
        @picture = picture
        @left = left
        @right = right
        @y = y
      end

      # @param pull [Boolean] whether it can be moved   @return [String] SVG
      def to_s(pull:)
        return Svg.tag("g", line, transform: place, class: "target") unless pull

        Svg.tag("g", line + grip, **slider)
      end

      private

      def place = "translate(0 #{Svg.plain(@y.(@picture[:target][:pa_s]))})"

      def line
        Svg.tag("line", x1: @left, x2: @right, y1: 0, y2: 0, class: "target-line") +
          Svg.text(words, x: @left + 8, y: -7, class: "target-name")
      end

      def grip
        arrows = "M#{@right - 5} -3L#{@right} -8L#{@right + 5} -3M#{@right - 5} 3L#{@right} 8L#{@right + 5} 3"
        Svg.tag("rect", x: @right - 24, y: -24, width: 48, height: 48, class: "grip-area") +
          Svg.tag("circle", cx: @right, cy: 0, r: 13, class: "grip") +
          Svg.tag("path", d: arrows, class: "grip-arrows")
      end

      def slider
        stops = @picture[:stops]
        {id: "target-handle", class: "target pull", transform: place, tabindex: 0, role: "slider",
         aria_orientation: "vertical", aria_label: "How thick", aria_valuemin: stops.first[:spoons],
         aria_valuemax: stops.last[:spoons], aria_valuenow: @picture[:target][:spoons], aria_valuetext: words,
         data_stops: JSON.generate(stops.map { |stop| [stop[:spoons], @y.(stop[:pa_s]).round(2), stop_words(stop)] })}
      end

      def words = "target: #{stop_words(@picture[:target])}"
      def stop_words(stop) = "#{stop[:grade].tr("_", " ")}, #{Format.number(stop[:spoons])} spoons of flour a cup"
    end
  end
end
