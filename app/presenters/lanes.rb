module Restauro
  module Presenters
    # A meal in lanes: hands, rings, oven with its heat, what rests; time from left to right, the hour to eat a line.
    class Lanes
      WIDTH, LEFT, RIGHT, TOP, LANE, BAR = 1180, 104, 1162, 34, 46, 34
      LETTER_PX = 7.4
      SLOT = 15

      # @param plan [Planning::Plan]
      def initialize(plan)
        @plan = plan
        @from = (plan.start_at / SLOT.to_f).floor * SLOT
        @to = plan.meal.serve_at + SLOT
        @dishes = plan.meal.dishes.map(&:name)
        @lanes = lanes
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", axis + rows + eat, class: "lanes", viewBox: "0 0 #{WIDTH} #{height}", role: "img", aria_label: words)
      end

      def words = "The meal in #{@lanes.length} lanes from #{Planning::Meal.clock(@plan.start_at)} to #{Planning::Meal.clock(@plan.meal.serve_at)}"

      private

      def height = TOP + @lanes.length * LANE + 10
      def x(minute) = (LEFT + (RIGHT - LEFT) * (minute - @from) / (@to - @from).to_f).round(1)

      # What each kind of place is called, with its tasks; a task of the hob that takes hands stands in both.
      def lanes
        tasks = @plan.tasks
        cooks = @plan.meal.kitchen.cooks
        hands = (1..cooks).map { |cook| [cooks > 1 ? "hands #{cook}" : "hands", tasks.select { |task| task.cook == cook }] }
        rings = (1..(tasks.filter_map(&:burner).max || 0)).map { |ring| ["ring #{ring}", tasks.select { |task| task.burner == ring }] }
        ovens = (tasks.filter_map(&:oven).uniq.sort).flat_map { |oven| trays(oven, tasks.select { |task| task.oven == oven }) }
        rest = tasks.select { |task| task.step.heat == "rest" }
        [*hands, *rings, *ovens, *stacked("rests", rest)].reject { |_, found| found.empty? }
      end

      def trays(oven, tasks) = stacked(@plan.meal.kitchen.ovens > 1 ? "oven #{oven}" : "oven", tasks)

      # So many rows as overlap.
      def stacked(name, tasks)
        rows = []
        tasks.sort_by(&:from).each { |task| (rows.find { |row| row.last.to <= task.from } || rows.push([]).last) << task }
        rows.each_with_index.map { |row, index| [index.zero? ? name : "", row] }
      end

      def axis
        step = [15, 30, 60].find { |every| (@to - @from) / every <= 14 } || 120
        first = (@from / step.to_f).ceil * step
        (first..@to).step(step).map do |minute|
          Svg.tag("path", class: "grid", d: "M#{x(minute)} #{TOP - 8}V#{height - 10}") +
            Svg.text(Planning::Meal.clock(minute)[0, 5], x: x(minute), y: 16, class: "lane-hour", text_anchor: "middle")
        end.join
      end

      def rows
        @lanes.each_with_index.map do |(name, tasks), index|
          y = TOP + index * LANE
          Svg.tag("path", class: "lane-line", d: "M#{LEFT} #{y + LANE - 3}H#{RIGHT}") + Svg.text(name, x: 8, y: y + 24, class: "lane-name") +
            tasks.map { |task| bar(task, y) }.join
        end.join
      end

      def bar(task, y)
        width = [x(task.to) - x(task.from) - 1.5, 2].max.round(1)
        kind = task.step.oven? ? "oven" : (task.step.attended ? "hands" : "alone")
        "<g><title>#{ERB::Util.html_escape("#{Planning::Meal.clock(task.from)} #{[task.dish, task.step.text].compact.join(": ")}")}</title>" +
          Svg.tag("rect", class: "strip-#{kind}", x: x(task.from), y: y, width: width, height: BAR, rx: 3) + label(task, y, width) + "</g>"
      end

      # The dish by its number, by name where there is room; an oven says its heat.
      def label(task, y, width)
        place = task.dish ? (@dishes.index(task.dish) + 1).to_s : ""
        heat = task.step.oven? ? "#{task.step.celsius.round} °C" : nil
        words = [[place, task.dish, heat].compact.join(" "), (heat && "#{place} #{heat}"), place]
        found = words.compact.map(&:strip).find { |text| text.length * LETTER_PX + 8 < width } or return ""
        light = task.step.oven? || !task.step.attended
        Svg.text(found, x: (x(task.from) + 5).round(1), y: y + 22, class: "strip-name strip-name-#{light ? "alone" : "hands"}")
      end

      def eat
        at = x(@plan.meal.serve_at)
        Svg.tag("path", class: "lane-eat", d: "M#{at} #{TOP - 4}V#{height - 6}") +
          Svg.text("to eat", x: at, y: TOP - 6, class: "lane-eat-name", text_anchor: "end")
      end
    end
  end
end
