module Restauro
  module Families
    # What every family's report shares: a prediction or a swap in the command line's fixed words, plain numbers,
    # unknown as nil.
    #   A family gives prediction, target and alternative.
    class Report
      def initialize(family, catalogue)
        @family = family
        @catalogue = catalogue
        freeze
      end

      # @return [Hash]
      def swap(swap)
        ours = prediction(swap.ours)
        units = KitchenUnits.of(swap.ours.recipe.system)
        ours[:lines] = swap.ours.recipe.lines.map { |line| line(line).merge(measure(line, units)) }
        {
          target: target(swap),
          wheat: prediction(swap.wheat),
          swap: ours,
          alternatives: swap.alternatives.map { |other| alternative(other) },
          warnings: swap.warnings.map(&:to_h)
        }
      end

      # @return [Hash] a line in the command line's fixed words, g to a tenth
      def line(line)
        {
          text: line.text,
          ingredient: line.ingredient,
          grams: line.grams&.value&.round(1),
          low_grams: line.grams&.low&.round(1),
          high_grams: line.grams&.high&.round(1),
          role: line.role,
          understood: line.understood
        }
      end

      private

      # A figure and its band.
      def twins(name, estimate)
        {
          name => estimate&.value&.round(4),
          :"#{name}_low" => estimate&.low&.round(4),
          :"#{name}_high" => estimate&.high&.round(4)
        }
      end

      def measure(line, units)
        found = line.counted? ? Measure.nearest(@catalogue.fetch(line.ingredient), line.grams.value, units) : nil
        {measure: found&.text, measure_error_pct: found&.error_pct&.round(1)}
      end
    end
  end
end
