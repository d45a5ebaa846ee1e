# frozen_string_literal: true

module Restauro
  module Recipes
    # How long a step keeps an onion in the fat, and whether until it is brown: "cook the onions for 45 minutes until
    # deep brown". A soup of brown onions is none of soft ones. And how long a cut of meat is browned: thin slices are
    # done in two minutes. Minced meat and poultry are cooked through, whatever is said.
    class FriedFor
      # minutes min or nil · browned whether they are to be golden or darker
      Said = Value.of(:minutes, :browned)
      SOFT, CUTS = "soften", %w[quick_meat whole_meat].freeze
      SOFTENS, SEARS, IN_LIQUID, BROWNED, GREENS, MEAT =
        DataFiles.words("recipes/words.yml").values_at(:softens_for, :sears_for, :softened_in_liquid, :softened_brown,
                                                       :vegetables, :a_meat)
      EACH_SIDE = DataFiles.words("dishes/words.yml").fetch(:each_side)
      # Where what is said of them ends.
      THEN = /[,;:]|\bthen\b/
      COOK = /\bcook\w*/i
      private_constant :COOK, :SOFT, :CUTS, :SOFTENS, :SEARS, :IN_LIQUID, :BROWNED, :GREENS, :MEAT, :EACH_SIDE, :THEN

      # @param kinds [Hash] of data/ingredients/kinds.yml
      def initialize(kinds)
        @meats = kinds.select { |_, row| row["stage"] == "brown" }.keys.freeze
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        sentences = Sentences.of_steps(lines)
        others = lines.reject { |line| line.words? || line.kind == SOFT }
        lines.map do |line|
          said = first(line, sentences, others)
          said ? line.with(fried_for: said) : line
        end
      end

      private

      # @return [Said, nil] of the first sentence that says either
      def first(line, sentences, others)
        case line.kind
        when SOFT then sentences.lazy.filter_map { |text| softened(clauses(line, text, GREENS), others) }.first
        when *CUTS then sentences.lazy.filter_map { |text| seared(line, text, others) }.first
        end
      end

      # From its name on, or from the name of its kind.   @return [Array<String>]
      def clauses(line, sentence, kind)
        at = Sentences.place(sentence, line) || sentence.downcase.index(kind) or return []
        (sentence[0...at][/[^,;:]*\z/] + sentence[at..]).split(THEN)
      end

      # A time for meat too is no onion's.
      def softened(clauses, others)
        told, rest = as_timed(clauses)
        return if !told.match?(SOFTENS) || told.match?(IN_LIQUID) || of_meat?(told, others)

        minutes = TimeSaid.of(told).first
        until_then = rest.take_while { |clause| others.none? { |line| Sentences.name?(clause, line) } }
        return if minutes && boiled?([told, *until_then].join(","), minutes)

        browned = [told, *until_then].any? { |clause| clause.match?(BROWNED) }
        Said.new(minutes: minutes, browned: browned) if minutes || browned
      end

      # "Cook 30 min", and no word of a fat or a colour: the pot is meant.
      def boiled?(told, minutes) =
        minutes > Constants.fetch(:making, :cooked_soft_minutes) && !told.gsub(COOK, "").match?(SOFTENS)

      # A time that is said of other meat alone is not its own.
      def seared(line, text, others)
        told, = as_timed(clauses(line, text, MEAT))
        return if !Sentences.name?(told, line) && of_named?(told, others - [line])

        minutes = TimeSaid.of(told).first
        return if minutes.nil? || !told.match?(SEARS) || told.match?(IN_LIQUID)

        Said.new(minutes: told.match?(EACH_SIDE) ? 2 * minutes : minutes, browned: true)
      end

      # As far as the clause with the time goes, and what is behind it.   @return [Array(String, Array<String>)]
      def as_timed(clauses)
        count = (clauses.index { |clause| TimeSaid.of(clause).any? } || 0) + 1
        [clauses.first(count).join(","), clauses.drop(count)]
      end

      def of_meat?(text, others) = text.match?(MEAT) || of_named?(text, others)
      def of_named?(text, others) =
        others.any? { |line| @meats.include?(line.kind) && Sentences.name?(text, line) }
    end
  end
end
