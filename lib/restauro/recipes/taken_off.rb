# frozen_string_literal: true

module Restauro
  module Recipes
    # "1 litre stock", in which meat is poached, and of which a step takes 500 ml for the sauce: the sauce is made of
    # that. The litre itself is words of the method.
    class TakenOff
      AMOUNT = /[\d½⅓¼⅔¾⅛][^.;,()]{1,60}/
      SHAPED, REST = DataFiles.words("dishes/words.yml").values_at(:bound_poached, :rest_of_it)
      private_constant :AMOUNT, :SHAPED, :REST

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        steps = lines.select { |line| line.role == "step" }.map(&:text)
        return lines if steps.any? { |text| text.match?(REST) }
        return lines if steps.none? { |text| cooks_in_it?(text) } && lines.none? { |line| Poached::KINDS.value?(line.kind) }

        lines.flat_map { |line| (taken = taken(line, steps)) ? [line.as_words, taken] : [line] }
      end

      private

      def cooks_in_it?(text) = Poached.step?(text) || text.match?(SHAPED)

      # The one measure of it that the steps take, where it is well below all of it.   @return [Line, nil]
      def taken(line, steps)
        return unless line.role == "liquid" && line.grams

        found = steps.flat_map { |text| text.gsub(Prose::POINTED, "").scan(AMOUNT) }.filter_map { |words| measure(words, line) }
        found.first if found.one? && found.first.grams.value < most * line.grams.value
      end

      # As many words of it as name the same thing.   @return [Line, nil]
      def measure(words, line)
        all = words.split
        (2..[all.length, 6].min).lazy.map { |count| @line_reader.read(all.first(count).join(" "), part: line.part) }
          .find { |read| read.ingredient == line.ingredient && read.grams }
      end

      def most = Constants.fetch(:dishes, :taken_off_share)
    end
  end
end
