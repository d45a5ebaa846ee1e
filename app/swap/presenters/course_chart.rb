module Restauro
  module Presenters
    # The sauce's instrument: thickness on a log scale over the grade bands, temperature above it, wheat's and ours,
    # against minutes. The lines go through the points of the answer's own course. The target line carries where it can
    # be pulled to.
    class CourseChart
      WIDTH = 738
      HEIGHT = 470
      LEFT = 62
      RIGHT = 560
      HEAT_TOP = 28
      HEAT_BOTTOM = 92
      TOP = 122
      BOTTOM = 436
      LOWEST_PA_S = 0.008
      HIGHEST_PA_S = 10.0
      TICKS = [0.01, 0.1, 1, 10].freeze
      TWO_LINES = 36

      # @param picture [Hash] from Families::Sauce#picture   @param pull [Boolean] whether the target line can be moved
      # @param names [Array<String>] what the two lines are
      def initialize(picture, pull: true, names: ["ours will", "wheat would"])
        @picture = picture
        @pull = pull
        @names = names
        @seconds = [picture[:wheat], picture[:ours]].map { |side| all_points(side).last[:seconds] }.max
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", parts.join, viewBox: "0 0 #{WIDTH} #{HEIGHT}", class: "course-chart", role: "group",
                                   aria_labelledby: "#{title_id} #{title_id}-words")
      end

      private

      def parts
        [Svg.tag("title", "How it thickens", id: title_id), Svg.tag("desc", words, id: "#{title_id}-words"), bands,
         heat_frame, time_axis, thickness_axis, moments, uncertainty, heat_line(:wheat), heat_line(:ours),
         line(:wheat), line(:ours), legend, target]
      end

      def title_id = "course-#{object_id}" # two pictures can stand on one page
      def words
        "Thickness in pascal seconds and temperature against minutes, from the cold pan to the plate: #{@names.join("; ")}."
      end

      def all_points(side) = side[:course] + side[:cooling]
      def x(seconds) = LEFT + (RIGHT - LEFT) * seconds / @seconds.to_f
      def heat_y(celsius) = HEAT_BOTTOM - (HEAT_BOTTOM - HEAT_TOP) * celsius / 110.0

      def y(pa_s)
        share = Math.log(pa_s.clamp(LOWEST_PA_S, HIGHEST_PA_S) / LOWEST_PA_S) / Math.log(HIGHEST_PA_S / LOWEST_PA_S)
        BOTTOM - (BOTTOM - TOP) * share
      end

      def bands
        @picture[:bands].each_with_index.map do |band, index|
          high = y(band[:high_pa_s] || HIGHEST_PA_S)
          low = y(band[:low_pa_s] || LOWEST_PA_S)
          Svg.tag("rect", x: LEFT, y: high, width: RIGHT - LEFT, height: low - high, class: "band band-#{index}") +
            band_label(band, (high + low) / 2, low - high)
        end.join
      end

      def band_label(band, middle, height)
        name = band[:grade].tr("_", " ")
        return Svg.text(name, x: RIGHT + 18, y: middle + 5, class: "band-name") if height < TWO_LINES

        Svg.text(name, x: RIGHT + 18, y: middle - 3, class: "band-name") +
          Svg.text(band[:does], x: RIGHT + 18, y: middle + 14, class: "band-does")
      end

      def heat_frame
        [50, 100].map do |celsius|
          Svg.tag("line", x1: LEFT, x2: RIGHT, y1: heat_y(celsius), y2: heat_y(celsius), class: "grid") +
            Svg.text("#{celsius} °C", x: LEFT - 8, y: heat_y(celsius) + 4, class: "tick degrees", text_anchor: "end")
        end.join + Svg.text("temperature", x: RIGHT + 18, y: HEAT_TOP + 30, class: "heat-name")
      end

      def time_axis
        step = [1, 2, 5, 10, 15, 30, 60].find { |minutes| @seconds / 60.0 / minutes <= 9 } || 60
        (0..(@seconds / 60 / step).floor).map do |index|
          at = x(index * step * 60)
          Svg.tag("line", x1: at, x2: at, y1: BOTTOM, y2: BOTTOM + 5, class: "axis") +
            Svg.text(index.zero? ? "0 min" : index * step, x: at, y: BOTTOM + 20, class: "tick", text_anchor: "middle")
        end.join + Svg.tag("line", x1: LEFT, x2: RIGHT, y1: BOTTOM, y2: BOTTOM, class: "axis")
      end

      def thickness_axis
        TICKS.map { |pa_s| Svg.tag("line", x1: LEFT - 6, x2: LEFT, y1: y(pa_s), y2: y(pa_s), class: "axis") }.join +
          Svg.text("thickness, each mark ten times", x: 34, y: (TOP + BOTTOM) / 2, class: "axis-name",
                   text_anchor: "middle", transform: "rotate(-90 34 #{(TOP + BOTTOM) / 2})")
      end

      # Boil, off the heat and plate of our sauce, each a line through both parts.
      def moments
        ours = @picture[:ours]
        poured, served = ours[:course].find { |point| point[:viscosity_pa_s] }, ours[:cooling].last
        [[poured&.fetch(:seconds), "liquid in", "start", 5], [ours[:boil_seconds], "boils", "end", -5],
         [ours[:off_seconds], "off the heat", "start", 5],
         [served&.fetch(:seconds), "plate, #{@picture[:serve_celsius].round} °C", "end", -5]]
          .map do |seconds, name, anchor, shift|
          next "" unless seconds&.positive?

          Svg.tag("line", x1: x(seconds), x2: x(seconds), y1: HEAT_TOP, y2: BOTTOM, class: "moment") +
            Svg.text(name, x: x(seconds) + shift, y: TOP - 8, class: "moment-name moment-#{name[/\A\w+/]}",
                     text_anchor: anchor)
        end.join
      end

      def uncertainty
        points = all_points(@picture[:ours]).select { |point| point[:high_pa_s] }
        outline = points.map { |p| [x(p[:seconds]), y(p[:high_pa_s])] } +
          points.reverse.map { |p| [x(p[:seconds]), y(p[:low_pa_s])] }
        outline.empty? ? "" : Svg.tag("path", d: "#{Svg.path(outline)}Z", class: "uncertainty")
      end

      def line(side)
        points = all_points(@picture[side]).select { |point| point[:viscosity_pa_s] }
        return "" if points.empty?

        Svg.tag("path", d: Svg.path(points.map { |p| [x(p[:seconds]), y(p[:viscosity_pa_s])] }), class: "curve #{side}")
      end

      def heat_line(side)
        Svg.tag("path", d: Svg.path(all_points(@picture[side]).map { |p| [x(p[:seconds]), heat_y(p[:celsius])] }),
                class: "heat #{side}")
      end

      def legend
        [["ours", @names[0], 0], ["wheat", @names[1], 170]].map do |side, name, shift|
          Svg.tag("line", x1: LEFT + shift, x2: LEFT + shift + 30, y1: 10, y2: 10, class: "curve #{side}") +
            Svg.text(name, x: LEFT + shift + 36, y: 14, class: "legend")
        end.join
      end

      def target = CourseTarget.new(@picture, left: LEFT, right: RIGHT, y: method(:y)).to_s(pull: @pull)
    end
  end
end
