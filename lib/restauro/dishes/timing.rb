# frozen_string_literal: true

module Restauro
  module Dishes
    # A time on the stove, in fat or in water, and what the sentences before it speak of: the mince's half hour is not
    # the sauce's.
    #   minutes min in all · sides Array of min, of one side and the other · text the sentence that says it · about the
    #   words since the time before it, in lower case
    Timing = Value.of(:minutes, :sides, :text, :about) do
      # How many of a part's things it names, and the part itself.   @param part [Part]
      # @param itself [Boolean] whether the part's own name counts   @return [Integer]
      def names(part, itself: true) =
        part.lines.count { |line| names_any?([line]) } + (itself && spoken?(part.name.to_s) ? 1 : 0)

      # @param lines [Array<Recipes::Line>]
      def names_any?(lines) =
        lines.any? { |line| !line.words? && (spoken?(line.name_text.to_s) || Timing.kind_in?(about, line.kind)) }

      # Whether the sentence itself names them, from where its time's own verb stands: "grate the courgettes, fry
      # spoonfuls for 3 minutes" fries no courgettes.   @param lines [Array<Recipes::Line>]
      def says?(lines) = Timing.new(about: Timing.timed_words(text).downcase).names_any?(lines)

      # @param name [String]
      def spoken?(name) =
        Timing.stems(name).any? { |stem| about.match?(stem.length > 3 ? /\b#{stem}/ : /\b#{stem}(?:e?s)?\b/) }

      # Where its own sentence names anything, what stood before it is of no account.   @param parts [Array<Part>]
      # @return [Timing]
      def by_itself(parts) = itself_names?(parts) ? itself : self

      # @param parts [Array<Part>]   @return [Boolean] whether its own sentence names anything of them
      def itself_names?(parts) = parts.any? { |part| itself.names(part).positive? }
      def itself = Timing.new(**to_h, about: text.to_s.downcase)

      # @param part [Part]   @param others [Array<Part>]
      # @return [Boolean] whether it is said of this part, and less of every other
      def of?(part, others) = others.all? { |other| names(other) < names(part) }
    end

    class << Timing
      MANNER, EACH_SIDE, TURNED, CLAUSE, FRIES =
        DataFiles.words("dishes/words.yml")
          .values_at(:cut_or_bought, :each_side, :turned_over, :next_clause, :fries_for)
      # "Simmer the meat for 25 minutes": all of a kind.
      KINDS = DataFiles.words("dishes/words.yml").values_at(:meat_said, :fish_said)
                       .zip([%w[ground_meat ground_poultry whole_meat quick_meat poultry], %w[fish]]).freeze
      DONE_TO_IT = DataFiles.words("dishes/words.yml").fetch(:done_to_it)
      private_constant :DONE_TO_IT, :MANNER, :EACH_SIDE, :TURNED, :KINDS, :CLAUSE, :FRIES

      # @param texts [Array<String>] the words of a recipe, a step each   @param timed [Array<String>] sentences of them
      #   with a time on the stove
      # @return [Array<Timing>]
      def all(texts, timed)
        timed.map do |text|
          whole = texts.find { |words| words.include?(text) }.to_s
          before = whole.split(text, 2).first.to_s
          since = Recipes::Sentences.of(before).reverse.take_while { |sentence| Recipes::TimeSaid.of(sentence).empty? }
          sides = sides(text)
          new(minutes: sides.sum, sides: sides.freeze, text: text, about: [*since, text].join(" ").downcase)
        end.freeze
      end

      # Of one side and the other, where a sentence tells them apart: "3 minutes a side", "2 minutes, flip, 1 more".
      # @param text [String] a sentence with a time   @return [Array<Float>] min, one where it tells of none
      def sides(text)
        times = Recipes::TimeSaid.of(text)
        return [times.first, times.first] if text.match?(EACH_SIDE)

        text.match?(TURNED) ? times.first(2) : times.first(1)
      end

      # @param text [String]   @return [String] from the last word for frying ahead of its time on
      def timed_words(text)
        clauses = text.split(CLAUSE)
        last = clauses.index { |clause| Recipes::TimeSaid.of(clause).any? } || (clauses.length - 1)
        from = clauses[0..last].rindex { |clause| clause.match?(FRIES) } || 0
        clauses.drop(from).join
      end

      # @param text [String]   @param kind [String, nil] of a line   @return [Boolean] whether it speaks of all such
      def kind_in?(text, kind) = KINDS.any? { |words, kinds| kinds.include?(kind) && text.match?(words) }

      # What a name is known by in a sentence: "chopped tomatoes" by "tomato"; a dip by more than what is done to
      # pieces.   @return [Array<String>]
      def stems(name)
        words = name[/\A[^,(]*/].downcase.gsub(MANNER, "").scan(/\p{L}{3,}/)
        words.map { |word| word.sub(/(?<=\p{L}{3})e?s\z/, "") }.grep_v(DONE_TO_IT)
      end
    end
  end
end
