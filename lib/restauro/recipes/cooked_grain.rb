# frozen_string_literal: true

module Restauro
  module Recipes
    # How long a step boils a grain by itself, and what it stirs into porridge then: "whisk in the grits and cook 25
    # minutes. Stir in the cheese." Common practice.
    class CookedGrain
      GRAIN, PORRIDGE, FRIES =
        DataFiles.words("recipes/words.yml").values_at(:grain_of_its_own, :porridge, :softens_for)
      STIRS, BAKES = DataFiles.words("dishes/words.yml").values_at(:stirs_in, :bakes)
      # Of data/ingredients/kinds.yml.
      COOKED, INTO = "porridge", "into_porridge"
      NAMED = /\b(?:in)?to\b[^.;]*#{PORRIDGE}/i
      private_constant :NAMED, :GRAIN, :PORRIDGE, :FRIES, :STIRS, :BAKES, :COOKED

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def self.of(lines)
        return lines unless lines.any? { |line| !line.words? && line.text.match?(GRAIN) }

        new(lines).lines
      end

      attr_reader :lines

      def initialize(lines)
        @sentences = Sentences.of_steps(lines)
        @at = @sentences.index { |text| text.match?(GRAIN) && !text.match?(BAKES) && minutes(text) }
        into = lines.any? { |line| line.kind == COOKED } ? stirred_in(lines) : []
        @lines = lines.map { |line| told(line, into) }
      end

      private

      def minutes(text) = TimeSaid.of(text).first

      def told(line, into)
        return line.with(role: "other", kind: INTO) if into.include?(line)
        return line if @at.nil? || line.words? || line.role != "other" || !line.text.match?(GRAIN)

        line.with(cooked_for: minutes(@sentences[@at]))
      end

      # Cheese and butter of the sentence behind it, or of one that names the porridge, that no later one asks for.
      def stirred_in(lines)
        at = @sentences.each_index.find { |index| stirs?(@sentences[index]) && behind?(index) } or return []
        rich = lines.select { |line| %w[cheese fat].include?(line.role) && line.grams }
        rich.select do |line|
          name = Sentences.cheese(line, alone: line.role == "cheese" && rich.one? { |one| one.role == "cheese" })
          @sentences[at].match?(name) && @sentences.drop(at + 1).none?(name)
        end
      end

      def stirs?(text) = text.match?(STIRS) && !text.match?(FRIES)
      def behind?(index) = (@at && index == @at + 1) || into_it?(@sentences[index])
      def into_it?(text) = text.match?(NAMED)
    end
  end
end
