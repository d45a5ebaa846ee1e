module Restauro
  module Presenters
    # One try as it was to be and as it went: minutes of each step and grams of each line as pairs of bars, the temperatures under them.
    class PlanActualPicture
      LEFT, RIGHT, ROW, MOST = 190, 560, 40, 8

      # @param made [Hash] of a kept dish: times, weights, string keys
      def initialize(made)
        @times = furthest(made["times"], "took")
        @weights = furthest(made["weights"], "weighed")
      end

      def any? = (@times + @weights).any?

      # @return [String] SVG
      def to_s
        rows = group("minutes", @times, "took", 0) + group("grams", @weights, "weighed", @times.length)
        height = ROW * (@times.length + @weights.length) + 40
        Svg.tag("svg", rows + legend(height), viewBox: "0 0 640 #{height}", class: "plan-actual", role: "img", aria_label: words)
      end

      private

      # What went furthest from its plan.
      def furthest(rows, actual)
        rows.to_a.select { |row| row["planned"].to_f.positive? }
            .max_by(MOST) { |row| Math.log([row[actual].to_f, 0.1].max / row["planned"]).abs }
      end

      def words = [*@times.map { |row| "#{name(row)}: planned #{row["planned"].round(1)} min, took #{row["took"]}" },
                   *@weights.map { |row| "#{name(row)}: planned #{row["planned"].round(1)} g, weighed #{row["weighed"]}" }].join("; ")

      def name(row) = (row["text"] || row["name"]).to_s.split(/[.,;:]/).first.to_s[0, 24]

      def group(unit, rows, actual, from)
        most = rows.flat_map { |row| [row["planned"].to_f, row[actual].to_f] }.max or return ""
        rows.each_with_index.map { |row, index| pair(row, actual, unit, ROW * (from + index) + 8, most) }.join
      end

      def pair(row, actual, unit, y, most)
        width = ->(value) { [(RIGHT - LEFT) * value / most, 1].max }
        Svg.text(name(row), x: 0, y: y + 20, class: "plan-name") +
          Svg.tag("rect", x: LEFT, y: y, width: width[row["planned"].to_f], height: 12, class: "plan-planned") +
          Svg.tag("rect", x: LEFT, y: y + 14, width: width[row[actual].to_f], height: 12, class: "plan-actual-bar") +
          Svg.text("#{Format.grams(row["planned"].to_f)} → #{Format.grams(row[actual].to_f)} #{unit == "grams" ? "g" : "min"}",
                   x: RIGHT + 6, y: y + 18, class: "plan-number")
      end

      def legend(height)
        Svg.tag("rect", x: LEFT, y: height - 24, width: 22, height: 12, class: "plan-planned") + Svg.text("planned", x: LEFT + 28,
            y: height - 13, class: "plan-name") +
          Svg.tag("rect", x: LEFT + 110, y: height - 24, width: 22, height: 12, class: "plan-actual-bar") +
          Svg.text("as it went", x: LEFT + 138, y: height - 13, class: "plan-name")
      end
    end
  end
end
