module Restauro
  class CommandLine
    # The figures of a batter, a crumb coat, a dough or a crust for a person at a terminal.
    module CoatText
      FIGURES = {
        coat_mm: "coat %.1f mm",
        gas_ml_per_100g: "%.0f mL of dry gas in 100 g at 100 C",
        stretch: "stretch %.2f of gluten's",
        pieces: "for %d pieces",
        boil_minutes: "boil %.1f min",
        float_minutes: "floats at about %.0f min, which is not done",
        fat_share: "fat %.2f of the flour",
        dough_grams: "%.0f g of dough",
        minutes_prebake: "bake blind %.0f min",
        minutes_bake: "bake %.0f min",
        minutes_crisp: "crisp after %.1f min",
        minutes_done: "its middle done after %.1f min"
      }.freeze

      module_function

      # @param target [Hash] of a report   @return [String]
      def target(target)
        return "gluten-free for wheat, as it is" unless target[:value]
        return "a coat of #{target[:value].round(1)} mm" if target[:metric] == "coat_mm"

        "#{target[:grade].tr("_", " ")} (water ratio #{target[:value].round(2)})"
      end

      # @param metrics [Hash] of a report   @return [Array<String>]
      def lines(metrics)
        [ratio(metrics), *FIGURES.map { |key, words| format(words, metrics[key]) if metrics[key]&.positive? }].compact
      end

      # @param metrics [Hash] of the report   @return [String, nil] one line
      def ratio(metrics)
        return unless metrics[:water_ratio]

        "#{metrics[:rung].tr("_", " ")}: water ratio #{metrics[:water_ratio].round(1)} " \
          "(#{metrics[:water_ratio_low].round(1)} to #{metrics[:water_ratio_high].round(1)})"
      end
    end
  end
end
