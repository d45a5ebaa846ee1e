module Restauro
  # What the stove really gives: its rings by the two-minute test, its oven by a thermometer.
  module StoveRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/stove") { stove_page({}) }
      web.post("/stove") { measure_stove }
      web.post("/stove/oven") { read_oven }
      web.post("/stove/forget") do
        services.household.forget_stove
        redirect to("/stove"), 303
      end
    end

    module Helpers
      def stove_page(fields, error: nil, oven_error: nil)
        page :stove,
             room: "Swap",
             title: "Stove",
             stove: services.household.stove,
             fields: fields,
             error: error,
             oven_error: oven_error,
             oven_said: learnt_page.entries.find { |entry| entry.key == "oven offset" }&.said
      end

      def read_oven
        fields = %w[set reads].to_h { |name| [name, FormText.clean(params[name]).strip] }
        set, reads = fields.values.map { |text| oven_celsius(text) }
        services.observations.add(
          Learning::Lessons.thermometer(set, reads),
          words: "the knob at #{set.round} °C gave #{reads.round} °C"
        )
        redirect to("/stove"), 303
      rescue InvalidInput => e
        status 422
        stove_page(fields, oven_error: e.message)
      end

      # A bare number is in the house's own degrees.
      def oven_celsius(text)
        words = text.match?(/\A\d+(?:[.,]\d+)?\z/) ? "#{text} #{preferences.fahrenheit? ? "F" : "C"}" : text
        HeatText.oven(words)&.dial or raise InvalidInput, "an oven's heat is such as 200C, 400F or gas 6; got nothing"
      end

      def measure_stove
        fields = %w[heat pan_cm water from to seconds].to_h { |name| [name, FormText.clean(params[name]).strip] }
        numbers = fields.except("heat").transform_values { |text| FormText.number(text) }
        missing = numbers.find { |_, number| number.nil? }
        if missing
          raise InvalidInput, "the #{missing.first.tr("_", " ")} is a number, got '#{fields[missing.first][0, 20]}'"
        end

        pan = Physics::Pan.wide(numbers["pan_cm"].clamp(10, 45))
        Physics::Pan.watts(fields["heat"])
        watts =
          pan.measured_watts(
            water_g: numbers["water"],
            from: numbers["from"],
            to: numbers["to"],
            seconds: numbers["seconds"]
          )
        services.household.measured(fields["heat"], watts, pan_cm: numbers["pan_cm"].clamp(10, 45))
        services.observations.add(
          Learning::Lessons.hob(fields["heat"], watts),
          words: "#{fields["heat"].tr("_", "-")} gives #{watts.round} W, by half a litre of water"
        )
        redirect to("/stove"), 303
      rescue InvalidInput => e
        status 422
        stove_page(fields, error: e.message)
      end
    end
  end
end
