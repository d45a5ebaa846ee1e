# frozen_string_literal: true

module Restauro
  module Recipes
    # "3 eggs, the same volume of flour, the same volume of milk": a batter measured in the cup the eggs were in.
    class SameVolume
      SAME, SAME_WEIGHT = DataFiles.words("recipes/words.yml").values_at(:same_volume, :same_weight)
      private_constant :SAME, :SAME_WEIGHT

      # @param line_reader [LineReader]   @param catalogue [Catalogue]
      def initialize(line_reader, catalogue)
        @line_reader = line_reader
        @catalogue = catalogue
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        eggs = lines.find { |line| line.role == "egg" && line.grams } or return lines
        lines.map { |line| measured(line, eggs) || line }
      end

      private

      def measured(line, eggs)
        return if line.role == "title"

        amount, thing = volume(line, eggs) || weight(line, eggs)
        return unless thing && @line_reader.thing?("#{amount} #{thing}")

        read = @line_reader.read("#{amount} #{thing}", part: line.part || eggs.part)
        as_much = "'#{line.text.strip}' is #{amount}: as much as #{eggs.text.strip} without their shells"
        said = Warning.new(code: :taken_for, line: line.text, text: as_much)
        read.with(source: line.source, number: line.number, warnings: read.warnings + [said])
      end

      def volume(line, eggs)
        thing = line.text[SAME, :thing] or return
        ["#{(eggs.grams.value / @catalogue.fetch(eggs.ingredient).density).round} ml", thing]
      end

      def weight(line, eggs)
        thing = line.text[SAME_WEIGHT, :thing] or return
        ["#{eggs.grams.value.round} g", thing]
      end
    end
  end
end
