# frozen_string_literal: true

module Restauro
  module Dishes
    # What goes on cold: cream that is whipped, fruit that is glazed.   Needs @catalogue, name, list and sugar?.
    module PlainCold
      private

      def whipped?(lines) =
        lines.any? { |line| line.ingredient == "heavy_cream" } && @part.place == :top &&
          lines.all? { |line| line.ingredient == "heavy_cream" || sugar?(line) || line.role == "seasoning" }

      def whipped(lines)
        cream, rest = lines.partition { |line| line.ingredient == "heavy_cream" }
        [Families::Step.new(kind: "mix", uses: lines, look_for: "it just holds: beaten on, it splits",
                            text: "#{name}: whip #{list(cream)}#{" with #{list(rest)}" if rest.any?} to soft peaks.")]
      end

      def glazed?(lines) =
        @part.place == :top && Crowning.cold?(lines, @catalogue) && lines.any? { |line| jam?(line) }

      # Jam warmed to brush with.
      def glazed(lines)
        jam, rest = lines.partition { |line| jam?(line) }
        ready = "#{list(rest)} ready; " if rest.any?
        [Families::Step.new(kind: "mix", uses: lines, look_for: "it runs off the brush",
                            text: "#{name}: #{ready}#{list(jam)} warmed with a spoon of water, to brush over them.")]
      end

      def jam?(line) = line.text.match?(Crowning::SPREAD)
    end
  end
end
