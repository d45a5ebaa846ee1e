module Restauro
  class CommandLine
    # learn: what trials teach of packs, ovens and rings.
    class LearnCommand < Command
      # @return [String] what may be typed
      def self.usage(_name)
        <<~TEXT
          bin/restauro learn FILE|-       what trials teach: how strong each thickener showed, how slow the oven is, what a ring gives
            the file is JSON: {"observations": [{"recipe": TEXT, "observed_e": N | "plate_mm": R | "grade": G, "how": "plate_test|spoon|eaten"},
            {"oven": {"planned_minutes": N, "actual_minutes": N, "kind": "bake|fan|basket"}}, {"oven": {"set": 200, "reads": 188}},
            {"oven": {"darker": "left|right|front|back|even"}}, {"hob": {"setting": "medium", "watts": N}},
            {"family": "pasta|gnocchi|crust", "recipe": TEXT, "options": {"shape": "rolled"}, "held": "yes|tears|falls_apart|..."}]}
            --format json|text          json
        TEXT
      end

      private

      def options(_on) = nil

      def report(rest)
        data = JSON.parse(Input.read(only(rest, "file of observations"), stdin: @world.stdin))
        raise InvalidInput, "what was observed is an object with observations" unless data.is_a?(Hash)

        Learning::Report.new(
          Learning::Observations.new(data["observations"], catalogue) { |text, units| read(text, units) },
          catalogue
        ).to_h
      rescue JSON::ParserError
        raise InvalidInput, "what was observed is JSON: {\"observations\": [...]}"
      end

      def read(text, units) =
        Recipes::Reader.new(catalogue, system: KitchenUnits::SYSTEMS.include?(units) ? units : "us").read(text.to_s)
    end
  end
end
