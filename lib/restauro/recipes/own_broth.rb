# frozen_string_literal: true

module Restauro
  module Recipes
    # Meat that is poached before there is a sauce: the sauce's liquid is the broth of the meat, as much as a step takes
    # of it; else the water that the meat was poached in, or where none is listed as much as its flour is usual for.
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
        return lines unless meat && flour

        water = lines.find { |line| of_the_pot?(line, meat) }
        return of_water(lines, water) if water

        taken = read(said(lines) || usual(flour), flour.part) if dry?(lines, flour)
        taken ? lines.flat_map { |line| line.equal?(flour) ? [line, taken] : [line] } : lines
      end

      private

      # As much water as covers the meat.   @param line [Line]   @param meat [Line]
      def of_the_pot?(line, meat)
        return false unless line.ingredient == "water" && line.part == meat.part && line.grams && meat.grams

        line.grams.value >= figure(:poached_water_times) * meat.grams.value
      end

      # Of the broth it has become a measure, or all.
      def of_water(lines, water)
        taken = read(said(lines) || water.amount_text, water.part)
        return lines unless taken

        lines.flat_map { |line| line.equal?(water) ? [water.as_words, taken] : [line] }
      end

      # One flour, and too little in the same list to make a sauce of it.
      def dry?(lines, flour)
        beside = lines.select { |line| line.part == flour.part && line.role == "liquid" }
        lines.one? { |line| line.role == "flour" } && lines.none? { |line| line.role == "crumb" } &&
          beside.sum { |line| line.grams&.value.to_f } < figure(:stewed_least_times) * flour.grams.value
      end

      # What a step takes of it: "6 cups".   @return [String, nil]
      def said(lines) = lines.select { |line| line.role == "step" }.filter_map { |line| line.text[TAKEN, 1] }.first

      def usual(flour) =
        "#{((figure(:stewed_times) * flour.grams.value / figure(:broth_step_g)).round * figure(:broth_step_g)).round} g"

      # @param amount [String]   @return [Line, nil]
      def read(amount, part)
        read = @line_reader.read("#{amount} stock", part: part)
        read.with(text: read.text.sub("stock", "of its own broth"), name_text: "own broth", warnings: []) if read.grams
      end

      def figure(name) = Constants.fetch(:dishes, name)
    end
  end
end
