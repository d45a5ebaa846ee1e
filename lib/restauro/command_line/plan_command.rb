module Restauro
  class CommandLine
    # plan: several dishes ready at one time.
    class PlanCommand < Command
      SECONDS = 2.0

      # @return [String] what may be typed
      def self.usage(_name)
        <<~TEXT
          bin/restauro plan FILE|-        when to do what, so that all dishes of a meal are ready at one time
            the file is JSON: {"serve_at": "19:00", "kitchen": {"burners": 3, "ovens": 1, "cooks": 1}, "dishes": [DISH, ..]}; a dish is
            {"name": .., "recipe": TEXT, "options": {..}} or {"name": .., "steps": [{"text": .., "minutes": .., "heat": "oven|hob|hands|rest",
            "celsius": .., "attended": .., "hold_minutes": ..}, ..]}
            --format json|text|ics|csv  json
            --date YYYY-MM-DD --zone NAME   of a calendar
        TEXT
      end

      private

      def formats = %w[json text ics csv]

      def options(on)
        on.on("--date DATE") { |value| @date = value }
        on.on("--zone NAME") { |value| @zone = value }
      end

      def report(rest)
        @plan = Planning::Plan.of(meal(Input.read(only(rest, "meal"), stdin: @world.stdin)), stop: time_up)
        Planning::Report.new(@plan).to_h
      end

      def meal(text)
        Planning::Meal.of_hash(JSON.parse(text)) { |dish| swapped(dish) }
      rescue JSON::ParserError
        raise InvalidInput, "a meal is JSON; got #{text.strip[0, 40].inspect}"
      end

      def swapped(dish)
        words = dish["options"].to_h.flat_map { |name, value| ["--#{name.tr("_", "-")}", Array(value).join(",")] }
        Planning::Dish.of_answer(
          dish["name"] || "a dish",
          RecipeCommand.new("swap", @world).solved(dish["recipe"].to_s, words)
        )
      rescue InvalidInput, WrongUsage => e
        raise e.class, "in the dish '#{dish["name"]}': #{e.message}"
      end

      # The search may take two seconds; the core has no clock of its own.
      def time_up
        until_then = Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS
        -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) > until_then }
      end

      def text(*)
        return Planning::Report.new(@plan).to_text if @format == "text"
        return Planning::Report.new(@plan).to_csv if @format == "csv"
        unless @date && @zone
          raise WrongUsage, "a calendar needs --date YYYY-MM-DD and --zone NAME, such as Europe/Lisbon"
        end

        @world.prepare.call
        Planning::Calendar.new(@plan, date: @date, zone: @zone).to_ical
      end
    end
  end
end
