module Restauro
  module Kitchen
    # One measured line put into other measures, with the band that comes from how the spoon or cup is filled.
    class Convert
      # line Recipes::Line · millilitres Float or nil · measures of the drawer · to [unit key, Estimate] or nil ·
      # warnings
      Result = Value.of(:line, :millilitres, :measure, :to, :warnings) do
        # @return [Hash] the command line's words
        def to_h
          tools = measure ? measure.tools.map { |tool, count| {tool: tool, count: count} } : []
          report = {
            ingredient: line.ingredient,
            grams: line.grams&.value&.round(2),
            low: line.grams&.low&.round(2),
            high: line.grams&.high&.round(2),
            millilitres: millilitres&.round(1),
            tools: tools,
            warnings: warnings.map(&:to_h)
          }
          if to
            report.merge(
              to: {
                unit: to.first,
                count: to.last.value.round(3),
                low: to.last.low.round(3),
                high: to.last.high.round(3)
              }
            )
          else
            report
          end
        end
      end

      # @param reader [Recipes::Reader] in the system the line is written in   @param from [KitchenUnits] that system's
      # @param units [KitchenUnits] that it is put into
      # @param tools [Array<Hash>] the cook's own drawer
      def initialize(catalogue, reader, from:, units: from, tools: DataFiles.yaml("units/tools.yml"))
        @catalogue = catalogue
        @reader = reader
        @amounts = Recipes::AmountReader.new(from)
        @units = units
        @tools = tools
        freeze
      end

      # @param text [String] "1 cup plain flour, dipped"   @param to [String, nil] a unit, such as g, ml, cup, tbsp, oz
      # @return [Result]   @raise [InvalidInput] nothing to measure, or no such unit
      def call(text, to: nil)
        raise InvalidInput, "nothing to measure; type such as '1 cup plain flour, dipped'" if text.strip.empty?

        line = @reader.line(text)
        ingredient = line.ingredient && @catalogue.fetch(line.ingredient)
        grams = line.grams
        density = ingredient&.density
        Result.new(
          line: line,
          millilitres: poured(text) || (grams && density && grams.value / density),
          measure: grams && ingredient && measure(ingredient, grams.value),
          to: to && target(to, grams, density),
          warnings: line.warnings + unknown_weight(line)
        )
      end

      private

      # The volume that the line itself names.   @return [Float, nil] mL
      def poured(text)
        terms = @amounts.read(text)&.terms
        terms.sum { |term| term.number.value * term.unit.amount } if terms&.all? { |term| term.unit&.volume? }
      end

      def measure(ingredient, grams) = Measure.nearest(ingredient, grams, @units, tools: @tools)

      def target(word, grams, density)
        unit, rest = @units.read(word.strip)
        known = unit && rest.strip.empty? && (unit.mass? || unit.volume?)
        raise InvalidInput, "no unit '#{word}'; use g, kg, oz, lb, ml, cup, tbsp or tsp" unless known
        return unless grams

        return unit.key, grams * (1 / unit.amount) if unit.mass?

        density && [unit.key, grams * (1 / (density * unit.amount))]
      end

      def unknown_weight(line)
        return [] if line.grams || !line.ingredient || line.warnings.any?

        [
          Warning.new(
            code: :no_weight,
            line: line.text,
            text:
              "'#{line.text.strip[0, 60]}' holds no amount whose weight " \
                "is known: type grams, millilitres, cups or spoons"
          )
        ]
      end
    end
  end
end
