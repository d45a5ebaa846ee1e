module Restauro
  class CommandLine
    # measure: one line put into grams, millilitres and the drawer's tools.
    class MeasureCommand < Command
      # @return [String] what may be typed
      def self.usage(_name)
        <<~TEXT
          bin/restauro measure "1 cup plain flour, dipped"   grams with their band, and the spoons and cups that come nearest
            --units us|metric|uk|au     us
            --to g|kg|oz|lb|ml|cup|tbsp|tsp   one measure more
            --format json|text          json
        TEXT
      end

      private

      def options(on)
        @units = "us"
        on.on("--units SYSTEM", KitchenUnits::SYSTEMS) { |value| @units = value }
        on.on("--to UNIT") { |value| @to = value }
      end

      def report(rest)
        line = only(rest, "line; type such as \"1 cup plain flour, dipped\"")
        Kitchen::Convert
          .new(catalogue, Recipes::Reader.new(catalogue, system: @units), from: KitchenUnits.of(@units))
          .call(line, to: @to)
          .to_h
      end
    end
  end
end
