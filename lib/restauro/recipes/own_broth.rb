# frozen_string_literal: true

module Restauro
  module Recipes
    # Meat that is poached before there is a sauce, and a sauce whose list has cream and yolks only: its liquid is the
    # broth of the meat, as much as a step takes of it, else as much as its flour is usual for.
    class OwnBroth
      BROTH = DataFiles.words("dishes/words.yml").fetch(:broth)
      # "500 ml of the broth", "500 ml der Brühe".
      MEASURE = %r{[\d½⅓¼⅔¾⅛][\d.,/[:space:]]*(?:(?:milli|centi|deci)?lit(?:re|er)s?|ml|cl|dl|l|g|cups?|pints?)\b}i
      TAKEN = /(#{MEASURE})[^.;,\d]{0,30}?(?:#{BROTH.source})/i
      private_constant :BROTH, :MEASURE, :TAKEN

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        meat = lines.find { |line| Poached::KINDS.value?(line.kind) }
        flour = lines.find { |line| line.role == "flour" && line.grams && !line.to_fry_in? }
        return lines unless meat && flour && dry?(lines, flour)

        taken = taken(lines, flour)
        taken ? lines.flat_map { |line| line.equal?(flour) ? [line, taken] : [line] } : lines
      end

      private

      # One flour, and too little in the same list to make a sauce of it.
      def dry?(lines, flour)
        beside = lines.select { |line| line.part == flour.part && line.role == "liquid" }
        lines.one? { |line| line.role == "flour" } && lines.none? { |line| line.role == "crumb" } &&
          beside.sum { |line| line.grams&.value.to_f } < figure(:stewed_least_times) * flour.grams.value
      end

      # @return [Line, nil]
      def taken(lines, flour)
        said = lines.select { |line| line.role == "step" }.filter_map { |line| line.text[TAKEN, 1] }.first
        usual = (figure(:stewed_times) * flour.grams.value / figure(:broth_step_g)).round * figure(:broth_step_g)
        read = @line_reader.read("#{said || "#{usual.round} g"} stock", part: flour.part)
        read.with(text: read.text.sub("stock", "of its broth"), name_text: "broth") if read.grams
      end

      def figure(name) = Constants.fetch(:dishes, name)
    end
  end
end
