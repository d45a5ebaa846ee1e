# frozen_string_literal: true

module Restauro
  module Recipes
    # Of a dishful of flour that meat is turned in only so much gets into the pot: what clings, what a step stirs in.
    class LeftInTheDish
      BY_STEP, THE_REST, GRAVY, STIRRED_IN =
        DataFiles.words("dishes/words.yml")
          .values_at(:dredged_by_step, :rest_of_the_flour, :thick_in_its_pan, :so_much_of_the_flour)
      private_constant :BY_STEP, :THE_REST, :GRAVY, :STIRRED_IN

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        flour = dredging_flour(lines)
        return lines unless flour && lines.any? { |line| line.role == "liquid" }

        most = most_g(lines, flour) or return lines
        flour.grams.value > most ? lines.map { |line| line.equal?(flour) ? left(line, most) : line } : lines
      end

      private

      # The flour that says so; else the one that stands with the meat, the least where there are several: a pastry's is
      # not for turning meat in.   @return [Line, nil]
      def dredging_flour(lines)
        flours = lines.select { |line| line.role == "flour" && line.grams }
        told = flours.find { |line| line.own_text.match?(ToDredge::WORDS) } and return told

        meat = lines.find { |line| line.kind == "whole_meat" }
        beside = flours.select { |line| meat && line.part == meat.part }
        (beside.any? ? beside : flours).min_by { |line| line.grams.value }
      end

      # @return [Float, nil] g of flour that get into the pot, where it is turned in a dish of it
      def most_g(lines, flour)
        steps = lines.select { |line| line.role == "step" }.map(&:text)
        return unless flour.own_text.match?(ToDredge::WORDS) || steps.any?(BY_STEP)

        clinging = clinging_g(lines)
        stirred_in = stirred_in_g(steps)
        clinging + stirred_in if clinging && stirred_in
      end

      # Cubes have more of a surface than pieces, whose sauce is thick by the dish's name.   @return [Float, nil] g
      def clinging_g(lines)
        stewed = lines.find { |line| line.kind == "whole_meat" && line.grams }
        return stewed.grams.value * figure(:clinging_flour_share) if stewed
        return unless lines.first.role == "title" && lines.first.text.match?(GRAVY)

        piece = lines.find { |line| ToDredge::PIECES.include?(line.kind) && line.grams }
        piece && (piece.grams.value * figure(:stewed_flour_share))
      end

      # @return [Float, nil] g, none said where all the rest of it goes in
      def stirred_in_g(steps)
        amount = steps.filter_map { |text| text[STIRRED_IN, 1] }.first
        return @line_reader.read("#{amount} flour").grams&.value if amount

        0.0 if steps.none?(THE_REST)
      end

      def left(line, most)
        said = "of #{line.grams.value.round} g of flour about #{most.round} g gets into the pot: the rest stays in " \
               "its dish, and is not counted"
        line.with(grams: Estimate.within(most, figure(:dish_share)),
                  warnings: line.warnings + [Warning.new(code: :left_in_the_dish, line: line.text, text: said)])
      end

      def figure(name) = ToDredge.figure(name)
    end
  end
end
