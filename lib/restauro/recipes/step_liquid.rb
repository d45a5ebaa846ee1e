# frozen_string_literal: true

module Restauro
  module Recipes
    # "Mix in 100 ml cold water": where a list has flour and nothing that wets it, the liquid is that of a step, unless
    # another list has it.
    class StepLiquid
      POURED, NOT_IN_IT, STARCHY =
        DataFiles.words("recipes/words.yml").values_at(:poured_in_a_step, :not_in_it, :slaked_in_a_step)
      DRY = %w[flour starch thickener].freeze
      WET = %w[liquid egg puree].freeze
      GOES_WITH_IT = [*DRY, "fat", "lift", "seasoning"].freeze
      private_constant :POURED, :NOT_IN_IT, :STARCHY, :DRY, :WET, :GOES_WITH_IT

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>] with a line of what a step pours
      def of(lines)
        dry = lines.find { |line| DRY.include?(line.role) && line.grams } or return lines
        list = lines.select { |line| line.part == dry.part && !line.words? }
        return lines if list.any? { |line| WET.include?(line.role) }

        poured = poured(lines)
        return lines if poured.nil? || lines.any? { |line| line.ingredient == poured.ingredient }

        # Behind the flour and what goes with it, ahead of what is for a filling.
        run = list.drop_while { |line| !line.equal?(dry) }.take_while { |line| GOES_WITH_IT.include?(line.role) }
        at = lines.index { |line| line.equal?(run.last) }
        [*lines[0..at], poured.with(part: dry.part, source: poured.text), *lines[(at + 1)..]]
      end

      private

      # The first that a sentence adds, and that no pot is filled with.   @return [Line, nil]
      def poured(lines)
        Sentences.of_steps(lines).lazy.filter_map do |text|
          said = text[POURED, 1] if !text.match?(NOT_IN_IT) && !text.match?(STARCHY)
          said && @line_reader.read(said).then { |line| line if line.role == "liquid" && line.grams }
        end.first
      end
    end
  end
end
