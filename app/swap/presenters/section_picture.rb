module Restauro
  module Presenters
    # A section through a coated piece over minutes: its middle at the bottom, its crust on top, coloured by
    # temperature, the coat to scale above it, wet until it has dried; crisp, done, golden and burnt stand as lines.
    class SectionPicture
      WIDTH = 720
      LEFT = 98
      RIGHT = 700
      TOP = 124
      BOTTOM = 360
      ROWS = 3
      COLUMNS = 48
      MARKS = {crisp: "crisp", done: "done", brown: "golden", burnt: "burnt"}.freeze

      # @param section [Hash] from Families::Batter.section
      def initialize(section)
        @section = section
        @minutes = shown_minutes
        @points = section[:points].select { |point| point[:minutes] <= @minutes + 0.01 }
      end

      # @return [String] SVG, and what its colours mean
      def to_s
        Svg.tag(
          "svg",
          [cells, coat, axes, marks].join,
          viewBox: "0 0 #{WIDTH} 396",
          class: "section-picture",
          role: "img",
          aria_label: words
        ) + HeatBands.legend
      end

      private

      # A little past golden or burnt.
      def shown_minutes
        last = @section[:points].last[:minutes]
        [[@section[:burnt], @section[:brown]&.*(1.25), @section[:done]&.*(1.3)].compact.max || last, last].min
      end

      def words
        "#{@section[:name].capitalize}, #{Format.number(@section[:thickness_mm])} mm thick, " \
          "coat #{Format.number(@section[:coat_mm])} mm, in #{@section[:around].round} °C: " +
          MARKS.filter_map { |key, name| "#{name} at #{@section[key].round} min" if @section[key] }.join(", ")
      end

      def x(minutes) = LEFT + (RIGHT - LEFT) * minutes / @minutes
      # The half of the piece fills the picture, the coat stands above it on the same scale.
      def per_mm = (BOTTOM - TOP) / (@section[:thickness_mm] / 2)

      def cells
        step = [(@points.length / COLUMNS.to_f).ceil, 1].max
        columns = @points.each_slice(step).map(&:first)
        edges = [*columns.map { |point| x(point[:minutes]) }, RIGHT]
        bands = HeatBands.new
        columns.each_with_index do |point, index|
          bands.column(
            point[:profile][0..-2].reverse,
            from: edges[index],
            to: edges[index + 1],
            top: TOP,
            bottom: BOTTOM
          )
        end
        bands.to_s
      end

      # The coat, its water as the filled part.
      def coat
        height = [@section[:coat_mm] * per_mm, 2].max.clamp(2, TOP - 78)
        wet = @points.first[:coat_water]
        outline =
          @points.map { |point| [x(point[:minutes]), TOP - 4 - height * (wet.zero? ? 0 : point[:coat_water] / wet)] }
        Svg.tag("rect", x: LEFT, y: TOP - 4 - height, width: RIGHT - LEFT, height: height, class: "coat-dry") +
          Svg.tag("path", d: "#{Svg.path([[LEFT, TOP - 4], *outline, [RIGHT, TOP - 4]])}Z", class: "coat-wet") +
          Svg.text("coat", x: LEFT - 8, y: TOP + 1 - height / 2, class: "tick", text_anchor: "end")
      end

      def axes
        ticks = Axes.minutes(@minutes, steps: [1, 2, 5, 10, 15, 30], most: 10, y: BOTTOM + 26) { |minutes| x(minutes) }
        middle = Svg.text("middle", x: LEFT - 8, y: BOTTOM - 4, class: "tick", text_anchor: "end")
        ticks + middle + Svg.text("skin", x: LEFT - 8, y: TOP + 18, class: "tick", text_anchor: "end")
      end

      def marks
        shown =
          MARKS
            .filter_map do |key, name|
              [@section[key], name] if @section[key] && @section[key] <= @minutes && @section[key] > 0.5
            end
            .sort
        shown
          .each_with_index
          .map do |(minutes, name), index|
            at, right = x(minutes), x(minutes) > RIGHT - 90
            Svg.tag(
              "line",
              x1: at,
              x2: at,
              y1: 4 + 23 * (index % ROWS),
              y2: BOTTOM,
              class: "section-mark mark-line-#{name}"
            ) +
              Svg.text(
                "#{name} #{minutes.round} min",
                x: at + (right ? -5 : 5),
                y: 20 + 23 * (index % ROWS),
                class: "section-name",
                text_anchor: right ? "end" : "start"
              )
          end
          .join
      end
    end
  end
end
