# frozen_string_literal: true

module Restauro
  module Dishes
    # What may never fall out unnoticed: our lines in no step, gluten that stays, marks that a line should carry.
    class Ledger
      Hole = Struct.new(:kind, :line, :words, keyword_init: true)

      # @param lines [Array<Recipes::Line>] ours   @param steps [Array<Families::Step>]
      def initialize(lines, steps, catalogue)
        @lines = lines
        @steps = steps
        @catalogue = catalogue
        freeze
      end

      # @return [Array<Hole>] empty where all is whole
      def holes =
        unused.map { |line| Hole.new(kind: "in_no_step", line: line, words: "not in any step: #{line.text.strip}") } +
          gluten + unmarked

      # Lines with a weight that no step uses.
      def unused
        used = @steps.flat_map(&:uses)
        @lines.select { |line| line.grams && used.none? { |other| other.equal?(line) } }
      end

      private

      def gluten
        @lines
          .select { |line| @catalogue.find_key(line.ingredient)&.contains_gluten? }
          .map { |line| Hole.new(kind: "gluten_left", line: line, words: "gluten stays: #{line.text.strip}") }
      end

      def unmarked
        @lines
          .select { |line| line.added && line.warnings.empty? && marks?(line) }
          .map { |line| Hole.new(kind: "mark_lost", line: line, words: "no label words: #{line.text.strip}") }
      end

      def marks?(line) =
        @catalogue.find_key(line.ingredient)&.then { |ingredient| Labels.marks(ingredient, line.text).any? } || false
    end
  end
end
