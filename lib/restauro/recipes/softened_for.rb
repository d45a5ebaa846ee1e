# frozen_string_literal: true

module Restauro
  module Recipes
    # How long a step keeps an onion in the fat, and whether until it is brown: "cook the onions for 45 minutes until
    # deep brown". A soup of brown onions is none of soft ones.
    class SoftenedFor
      # minutes min or nil · browned whether they are to be golden or darker
      Said = Value.of(:minutes, :browned)
      KIND = "soften"
      SOFTENS, IN_LIQUID, BROWNED, GREENS, MEAT =
        DataFiles.words("recipes/words.yml").values_at(:softens_for, :softened_in_liquid, :softened_brown, :vegetables,
                                                       :a_meat)
      # Where what is said of them ends.
      THEN = /[,;:]|\bthen\b/
      private_constant :KIND, :SOFTENS, :IN_LIQUID, :BROWNED, :GREENS, :MEAT, :THEN

      # @param kinds [Hash] of data/ingredients/kinds.yml
      def initialize(kinds)
        @meats = kinds.select { |_, row| row["stage"] == "brown" }.keys.freeze
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        sentences = Sentences.of_steps(lines)
        others = lines.reject { |line| line.words? || line.kind == KIND }
        lines.map do |line|
          said = said(line, sentences, others) if line.kind == KIND
          said ? line.with(softened: said) : line
        end
      end

      private

      # @return [Said, nil] of the first sentence that says either
      def said(line, sentences, others)
        sentences.lazy.filter_map { |sentence| read(behind(line, sentence), others) }.first
      end

      # From its name on.   @return [String]
      def behind(line, sentence)
        at = Sentences.place(sentence, line) || sentence.downcase.index(GREENS) or return ""
        before = sentence[0...at][/[^,;:]*\z/]
        before + sentence[at..]
      end

      # As far as the clause with the time goes; a time for meat too is no onion's.
      def read(text, others)
        clauses = text.split(THEN)
        at = clauses.index { |clause| TimeSaid.of(clause).any? } || 0
        told = clauses.first(at + 1).join(",")
        return if !told.match?(SOFTENS) || told.match?(IN_LIQUID) || of_meat?(told, others)

        minutes = TimeSaid.of(told).first
        until_then = clauses.drop(at + 1).take_while { |clause| others.none? { |line| Sentences.name?(clause, line) } }
        browned = [told, *until_then].any? { |clause| clause.match?(BROWNED) }
        Said.new(minutes: minutes, browned: browned) if minutes || browned
      end

      def of_meat?(text, others) =
        text.match?(MEAT) || others.any? { |line| @meats.include?(line.kind) && Sentences.name?(text, line) }
    end
  end
end
