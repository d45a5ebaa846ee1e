module Restauro
  class CommandLine
    # A report for a person at a terminal.
    class Text
      def initialize(report)
        @report = report
      end

      # @return [String] the report for reading, a line each
      def to_s = (@report.key?(:swap) ? swap : prediction(@report)).join("\n")

      private

      def swap
        [
          target(@report[:target]),
          "",
          *lines(@report[:swap]),
          "",
          *@report[:method].each_with_index.map { |step, i| step_text(step, i) },
          "",
          *texture(@report[:swap]),
          *warnings(@report)
        ]
      end

      def target(target)
        if target[:metric] == "flour_equivalents"
          "#{target[:grade].tr("_", " ")} (#{target[:value]} flour-equivalents)"
        else
          CoatText.target(target)
        end
      end

      def prediction(report) = [*lines(report), "", *texture(report), *warnings(report)]
      def lines(report) =
        report[:lines].map { |line| "#{line[:text]}#{"   [not understood]" unless line[:understood]}" }

      def step_text(step, index)
        minutes = step[:minutes] && "#{step[:minutes].to_s.delete_suffix(".0")} min: "
        [
          "#{index + 1}. #{minutes}#{step[:text]}",
          step[:look_for]&.then { |words| "Look for: #{words}." },
          step[:caution]
        ].compact.join(" ")
      end

      def texture(report)
        metrics = report[:metrics]
        return CoatText.lines(metrics) unless metrics.key?(:flour_equivalents)
        return [] unless metrics[:grade]

        [
          "#{metrics[:grade].tr("_", " ")}: #{metrics[:flour_equivalents].round(1)} flour-equivalents " \
            "(#{metrics[:flour_equivalents_low].round(1)} to #{metrics[:flour_equivalents_high].round(1)})",
          *{pan: "in the pan", plate: "on the plate", fridge: "from the fridge"}.map do |key, words|
            "#{words} #{metrics[:"viscosity_#{key}_pa_s"].round(2)} Pa s " \
              "(#{metrics[:"viscosity_#{key}_pa_s_low"].round(2)} to #{metrics[:"viscosity_#{key}_pa_s_high"].round(2)})"
          end
        ]
      end

      def warnings(report) = report[:warnings].map { |warning| "! #{warning[:text]}" }.uniq
    end
  end
end
