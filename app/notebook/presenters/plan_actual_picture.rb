module Restauro
  module Presenters
    # One try as it was to be and as it went, in pairs of bars: minutes of each step, degrees at the probe, how thick,
    # grams of each line.
    class PlanActualPicture
      LEFT, RIGHT, ROW, MOST = 190, 560, 40, 8
      # Pairs of one unit, on one scale.   rows Array of [name, planned, actual] · words of a value
      Group = Struct.new(:unit, :rows, :words)

      # @param made [Hash] of a kept dish: times, weights, temperatures, thickness, string keys
      def initialize(made)
        grams = ->(value) { Format.grams(value) }
        @groups = [
          Group.new("min", furthest(made["times"], "took"), grams),
          Group.new("°C", pairs(made["temperatures"], "probe"), grams),
          Group.new("", pairs(made["thickness"], "seen"), ->(e) { Families::Sauce::Grade.of(e).name }),
          Group.new("g", furthest(made["weights"], "weighed"), grams)
        ]
      end

      def any? = rows.any?

      # @return [String] SVG
      def to_s
        height = ROW * rows.length + 40
        Svg.tag(
          "svg",
          drawn + legend(height),
          viewBox: "0 0 640 #{height}",
          class: "plan-actual",
          role: "img",
          aria_label: words
        )
      end

      private

      def rows = @groups.flat_map(&:rows)

      # What went furthest from its plan.
      def furthest(rows, actual) =
        pairs(rows, actual).max_by(MOST) { |_, planned, value| Math.log([value, 0.1].max / planned).abs }

      def pairs(rows, actual)
        rows
          .to_a
          .select { |row| row["planned"].to_f.positive? }
          .map { |row| [name(row), row["planned"].to_f, row[actual].to_f] }
      end

      def words =
        @groups.flat_map { |group| group.rows.map { |row| "#{row.first}: planned #{said(group, row)}" } }.join("; ")
      def said(group, row) = "#{row.drop(1).map { |value| group.words[value] }.join(" → ")} #{group.unit}".strip
      def name(row) = (row["text"] || row["name"]).to_s.split(/[.,;:]/).first.to_s[0, 24]

      def drawn
        from = 0
        @groups
          .flat_map do |group|
            most = group.rows.flat_map { |row| row.drop(1) }.max
            group.rows.map { |row| pair(group, row, ROW * ((from += 1) - 1) + 8, most) }
          end
          .join
      end

      def pair(group, row, y, most)
        width = ->(value) { [(RIGHT - LEFT) * value / most, 1].max }
        Svg.text(row.first, x: 0, y: y + 20, class: "plan-name") +
          Svg.tag("rect", x: LEFT, y: y, width: width[row[1]], height: 12, class: "plan-planned") +
          Svg.tag("rect", x: LEFT, y: y + 14, width: width[row[2]], height: 12, class: "plan-actual-bar") +
          Svg.text(said(group, row), x: RIGHT + 6, y: y + 18, class: "plan-number")
      end

      def legend(height)
        Svg.tag("rect", x: LEFT, y: height - 24, width: 22, height: 12, class: "plan-planned") +
          Svg.text("planned", x: LEFT + 28, y: height - 13, class: "plan-name") +
          Svg.tag("rect", x: LEFT + 110, y: height - 24, width: 22, height: 12, class: "plan-actual-bar") +
          Svg.text("as it went", x: LEFT + 138, y: height - 13, class: "plan-name")
      end
    end
  end
end
