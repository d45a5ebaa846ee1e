# frozen_string_literal: true

module Restauro
  module Recipes
    # "Pour off all but 1/4 cup of the drippings": the fat of a gravy that only a step tells of, where what was fried in
    # it has a flour of its own.
    class KeptInPan
      KEPT, FAT = DataFiles.words("recipes/words.yml").values_at(:kept_in_pan, :fat_of_the_pan)
      AMOUNT = /(?:about\s+)?([\d½⅓¼⅔¾⅛][^.;,]{0,24}?)/
      SAID = /(?:#{KEPT.source})\s+#{AMOUNT.source}\s+(?:of\s+)?(?:the\s+)?(?:#{FAT.source})/i
      NAME = "drippings"
      private_constant :KEPT, :FAT, :AMOUNT, :SAID, :NAME

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        flours = lines.each_index.select { |index| lines[index].role == "flour" && lines[index].grams }
        return lines if flours.length < 2 || fat_of_its_own?(lines.drop(flours.first))

        kept = kept(lines, lines[flours.last].part)
        kept ? lines.dup.insert(flours.last, kept) : lines
      end

      private

      def fat_of_its_own?(lines) = lines.any? { |line| line.role == "fat" && line.grams && !line.to_fry_in? }

      # @return [Line, nil]
      def kept(lines, part)
        amount = lines.select { |line| line.role == "step" }.filter_map { |line| line.text[SAID, 1] }.first
        read = amount && @line_reader.read("#{amount} #{NAME}", part: part)
        read if read&.grams
      end
    end
  end
end
