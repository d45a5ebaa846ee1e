# frozen_string_literal: true

module Restauro
  module Recipes
    # What tells how it is done, and is none of the things listed.   Needs @line_reader, @prose, @headings and @several.
    module StepLines
      WORDS = DataFiles.words("recipes/words.yml")
      ADVICE, STATE, DEGREES_FOR, METHOD_BEFORE = WORDS.values_at(:advice, :state, :degrees_for, :method_before)
      VERBS = Regexp.union(WORDS.values_at(:begins_a_step, :begins_with_what, :begins_in_their_words))
      MOST_OF_A_THING = 6
      NUMBERED = /\A\W*(?:step\s*)?\d+\s*[.):]\s+(?=[[:alpha:]])/i
      AMOUNT_FIRST = /\A\W*(?:\d|[#{Numbers::GLYPHS.keys.join}])/
      # What only a method says: degrees, minutes.
      TIME_FIRST = /\A\W*(?:\d+[.)]\s+)?\d+(?:\s*[-–]\s*\d+)?\s*(?:min|minut(?:es?|en|i|os)|stunden?|heures?)\b/i
      SAYS_HOW = Regexp.union(WORDS.values_at(:says_how, :words_to_a_stop))
      LONG_SENTENCE = Regexp.union(/\A[^\d].{55,}[.!]\s*\z/, WORDS.fetch(:verb_last))
      STOPS = /[.!]\s*\z/
      private_constant :WORDS, :STOPS

      private

      def step?(line)
        return numbered_step?(line) if NUMBERED.match?(line)
        return false if listing?(line) || @headings.served(line)
        return false if STATE.match?(line) && @line_reader.thing?(line)
        return true if [ADVICE, METHOD_BEFORE, TIME_FIRST, DEGREES_FOR].any? { |words| words.match?(line) }
        return true if timed_sentence?(line)
        return true if SAYS_HOW.match?(line) && !@line_reader.thing?(line) && !Outline::ABOUT.match?(line)

        (VERBS.match?(line) || LONG_SENTENCE.match?(line)) && !amount_first?(line)
      end

      # A counted sentence, whatever it weighs out: longer than a thing of a list, or with no amount.
      def numbered_step?(line)
        bare = line.sub(NUMBERED, "")
        (STOPS.match?(bare) && bare.split.length > MOST_OF_A_THING) || !@line_reader.amount?(bare) || @prose.told?(line)
      end

      # "Die Rouladen anbraten und 90 Minuten schmoren.", by whatever verbs.
      def timed_sentence?(line) =
        STOPS.match?(line) && !amount_first?(line) && TimeSaid.of(line).any? && !@line_reader.thing?(line)

      # "Layer: 500 g spinach, 250 g ricotta" names what is layered, though it begins as a step would.
      def listing?(line)
        name, things = @headings.on_the_line(line, @several)
        verb = name && VERBS.match?(name) && [Headings::FOR, Headings::NAMES].none? { |words| name.match?(words) }
        verb &&= !line.match?(Headings::SERVE)
        return false if name.nil? || verb

        things = @several.split(things)
        measured = things.count { |thing| @line_reader.thing?(thing) }
        measured.positive? && things.all? { |thing| listed?(thing) || (measured > 1 && bare_thing?(thing)) }
      end

      # A thing with its amount, known or not, or one that needs none.
      def listed?(thing) =
        @line_reader.thing?(thing) || @line_reader.seasoning?(thing) || Line::TO_FRY_IN.match?(thing) ||
          (@line_reader.amount?(thing) && !TIME_FIRST.match?(thing) && thing.split.length <= MOST_OF_A_THING)

      # "Juices from the roast" among things with their amounts.
      def bare_thing?(thing) =
        @line_reader.known_name?(thing) && thing.split.length <= MOST_OF_A_THING && !VERBS.match?(thing)

      def amount_first?(line) = AMOUNT_FIRST.match?(line)
    end
  end
end
