# frozen_string_literal: true

module Restauro
  module Recipes
    # Cups of drippings where nothing else is poured: what ran out of a roast, more broth than fat. "Meat juices (about
    # 2 tbsp fat)" count as that fat.
    class PanJuices
      DRIPPINGS = /\b(?:pan )?(?:drippings?|juices)\b/i
      FAT_IN_THEM = /\b(?:juices|drippings?)\b[^\d½⅓¼⅔¾⅛]*([\d½⅓¼⅔¾⅛][^.;,)]{0,16}?)\s+(?:of\s+)?fat\b/i
      private_constant :DRIPPINGS, :FAT_IN_THEM

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        lines.map { |line| fat_in_them(line) || (poured?(line, lines) ? broth(line) : line) }
      end

      private

      # @return [Line, nil]
      def fat_in_them(line)
        amount = line.text[FAT_IN_THEM, 1] unless line.words? || line.grams || line.corrected
        read = amount && @line_reader.read("#{amount} drippings", part: line.part)
        as_written(read, line).with(name_text: read.name_text) if read&.grams
      end

      def as_written(read, line) =
        read.with(text: line.text, source: line.source, number: line.number, name_text: line.name_text)

      def poured?(line, lines)
        return false unless line.ingredient == "drippings" && line.grams && !line.corrected

        others = lines.select { |other| other.role == "liquid" }.sum { |other| other.grams&.value.to_f }
        line.grams.value > Constants.fetch(:uncertainty, :most_drippings_g) && line.grams.value > others
      end

      def broth(line)
        read = @line_reader.read(line.bare_text.sub(DRIPPINGS, "stock"), part: line.part)
        read.role == "liquid" && read.grams ? as_written(read, line) : line
      end
    end
  end
end
