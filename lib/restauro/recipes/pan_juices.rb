# frozen_string_literal: true

module Restauro
  module Recipes
    # Cups of drippings where nothing else is poured: what ran out of a roast, more broth than fat.
    class PanJuices
      DRIPPINGS = /\b(?:pan )?(?:drippings?|juices)\b/i
      private_constant :DRIPPINGS

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        lines.map { |line| poured?(line, lines) ? broth(line) : line }
      end

      private

      def poured?(line, lines)
        return false unless line.ingredient == "drippings" && line.grams && !line.corrected

        others = lines.select { |other| other.role == "liquid" }.sum { |other| other.grams&.value.to_f }
        line.grams.value > Constants.fetch(:uncertainty, :most_drippings_g) && line.grams.value > others
      end

      def broth(line)
        read = @line_reader.read(line.bare_text.sub(DRIPPINGS, "stock"), part: line.part)
        read.role == "liquid" && read.grams ? read.with(text: line.text, source: line.source, number: line.number,
                                                        name_text: line.name_text) : line
      end
    end
  end
end
