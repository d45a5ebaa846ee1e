module Restauro
  module Presenters
    # A meal in lanes: hands, rings, oven with its heat, what rests; time from left to right, the hour to eat a line.
    class Lanes
      WIDTH, LEFT, RIGHT, TOP, LANE, BAR = 1180, 104, 1162, 34, 46, 34
      LETTER_PX = 7.4
      SLOT = 15

      HEAT_MOST = 250.0

      # @param plan [Planning::Plan]   @param pins [Array<String>] "1-0": what is pinned
      # @param now [Float, nil] minute that it is
      def initialize(plan, pins: [], now: nil)
        @plan = plan
        @pins = pins
        @now = now
        @keys = Planning::Slip.keyed(plan).to_h { |key, task| [task.object_id, key.join("-")] }
        @from = (plan.start_at / SLOT.to_f).floor * SLOT
        @to = plan.meal.serve_at + SLOT
        @dishes = plan.meal.dishes.map(&:name)
        @lanes = lanes
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", axis + rows + waits + eat + now_line, class: "lanes",
                data_minute: ((RIGHT - LEFT) / (@to - @from).to_f).round(3),
                                                             data_from: @from, data_left: LEFT,
                                                             viewBox: "0 0 #{WIDTH} #{height}",
                                                             role: "img", aria_label: words)
      end

      def words =
        "The meal in #{@lanes.length} lanes from #{Planning::Meal.clock(@plan.start_at)} to #{Planning::Meal.clock(@plan.meal.serve_at)}"

      private

      def height = TOP + @lanes.length * LANE + 10
      def x(minute) = (LEFT + (RIGHT - LEFT) * (minute - @from) / (@to - @from).to_f).round(1)

      # What each kind of place is called, with its tasks; a task of the hob that takes hands stands in both.
      def lanes
        tasks = @plan.tasks
        cooks = @plan.meal.kitchen.cooks
        hands =
          (1..cooks).map { |cook| [cooks > 1 ? "hands #{cook}" : "hands", tasks.select { |task| task.cook == cook }] }
        rings = (1..(tasks.filter_map(&:burner).max || 0))
          .map { |ring| ["ring #{ring}", tasks.select { |task| task.burner == ring }] }
        ovens =
          tasks.filter_map(&:oven).uniq.sort.flat_map { |oven| trays(oven, tasks.select { |task| task.oven == oven }) }
        cold, rest = tasks.select { |task| task.step.heat == "rest" }.partition { |task| task.step.text.match?(COLD) }
        [*hands, *rings, *ovens, *stacked("rests", rest), *stacked("fridge", cold)].reject { |_, found| found.empty? }
      end

      def trays(oven, tasks) = stacked(@plan.meal.kitchen.ovens > 1 ? "oven #{oven}" : "oven", tasks)

      COLD = /\bfridge|\bchill|\bfreezer|\bcold\b/i

      # So many rows as overlap.
      def stacked(name, tasks)
        rows = []
        tasks.sort_by(&:from).each do |task|
          (rows.find { |row| row.last.to <= task.from } || rows.push([]).last) << task
        end
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
          Svg.tag("path", class: "lane-line", d: "M#{LEFT} #{y + LANE - 3}H#{RIGHT}") +
            Svg.text(name, x: 8, y: y + 24, class: "lane-name") +
            (name.start_with?("oven") ? heat(tasks.first.oven, y) : "") + tasks.map { |task| bar(task, y) }.join
        end.join
      end

      def bar(task, y)
        width = [x(task.to) - x(task.from) - 1.5, 2].max.round(1)
        kind = task.step.oven? ? "oven" : (task.step.attended ? "hands" : "alone")
        key = @keys[task.object_id]
        pinned = @pins.include?(key)
        title =
          ERB::Util.html_escape("#{Planning::Meal.clock(task.from)} #{[task.dish, task.step.text].compact.join(": ")}")
        moved = " data-task=\"#{key}\" data-at=\"#{task.from}\" class=\"lane-task#{" pinned" if pinned}\"" if key
        "<g#{moved}><title>#{title}</title>" +
          Svg.tag("rect", class: "strip-#{kind}", x: x(task.from), y: y, width: width, height: BAR, rx: 3) +
          (pinned ? Svg.tag("circle", class: "lane-pin", cx: x(task.from) + 1, cy: y + 2, r: 5) : "") +
          label(task, y, width) + "</g>"
      end

      # The dish by its number, by name where there is room; an oven says its heat.
      def label(task, y, width)
        place = task.dish ? (@dishes.index(task.dish) + 1).to_s : ""
        heat = task.step.oven? ? "#{task.step.celsius.round} °C" : nil
        words = [[place, task.dish, heat].compact.join(" "), heat && "#{place} #{heat}", place]
        found = words.compact.map(&:strip).find { |text| text.length * LETTER_PX + 8 < width } or return ""
        light = task.step.oven? || !task.step.attended
        Svg.text(found, x: (x(task.from) + 5).round(1), y: y + 22,
                        class: "strip-name strip-name-#{light ? "alone" : "hands"}")
      end

      # The oven's heat over the evening, from the cold to its last bake, behind its bars.
      def heat(oven, y)
        tasks = @plan.tasks.select { |task| task.oven == oven }.sort_by(&:from)
        steady =
          tasks.flat_map { |task| [[task.dish ? task.from : task.to, task.step.celsius], [task.to, task.step.celsius]] }
        points = [[tasks.first.from, 0.0], *steady]
        drawn = points.map { |minute, celsius| [x(minute), (y + LANE - 4 - (LANE - 6) * celsius / HEAT_MOST).round(1)] }
        Svg.tag("path", class: "lane-heat", d: Svg.path(drawn))
      end

      # What stands ready before the hour, dashed; in the colour of caution where it waits longer than it bears.
      def waits
        @plan.waits.select { |_, minutes| minutes.positive? }.filter_map do |dish, minutes|
          last = @plan.tasks.select { |task| task.dish == dish }.max_by(&:to)
          row = @lanes.index { |_, tasks| tasks.include?(last) } or next
          y = TOP + row * LANE + BAR / 2
          clash = @plan.clashes.any? { |text| text.start_with?(dish) }
          Svg.tag("path", class: "lane-wait#{" lane-clash" if clash}", d: "M#{x(last.to)} #{y}H#{x(last.to + minutes)}")
        end.join
      end

      def now_line
        return "" unless @now&.between?(@from, @to)

        Svg.tag("path", class: "lane-now", d: "M#{x(@now)} #{TOP - 4}V#{height - 6}") +
          Svg.text("now", x: x(@now) + 4, y: height - 2, class: "lane-eat-name")
      end

      def eat
        at = x(@plan.meal.serve_at)
        Svg.tag("path", class: "lane-eat", d: "M#{at} #{TOP - 4}V#{height - 6}") +
          Svg.text("to eat", x: at, y: TOP - 6, class: "lane-eat-name", text_anchor: "end")
      end
    end
  end
end
