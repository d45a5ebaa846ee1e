module Restauro
  class CommandLine
    # A swap's report written down as a recipe: JSON-LD, CSV, Markdown.
    module WrittenReport
      FORMATS = %w[jsonld csv md].freeze

      module_function

      # @param format [String] one of FORMATS   @return [String]
      def of(report, format)
        recipe = recipe(report)
        return recipe.to_csv if format == "csv"

        format == "md" ? recipe.to_markdown : JSON.pretty_generate(recipe.to_json_ld)
      end

      # @return [Recipes::Written]
      def recipe(report)
        several = report[:parts].length > 1
        lines = report[:swap][:lines].map do |line|
          own = line.slice(:grams, :measure, :ingredient, :understood)
          Recipes::Written::Entry.new(part: (line[:part] if several), text: line[:text].strip, **own)
        end
        Recipes::Written.new(
          title: "#{report[:title] || "Swap"} (gluten-free swap)",
          lines: lines,
          minutes: report.dig(:costs, :whole_minutes),
          steps:
            report[:method].map do |step|
              Recipes::Written::Act.new(**step.slice(:text, :minutes, :look_for, :caution))
            end,
          warnings: report[:warnings].map { |warning| warning[:text] }
        )
      end
    end
  end
end
