# frozen_string_literal: true

module Restauro
  module Recipes
    # "2 1/4 cups flour, divided", of which a step takes "the remaining 1/4 cup"; "5 tbsp butter, divided", of which the
    # first step takes 4; "melt half the butter", and the rest is for the mash: two lines, the second before what it
    # goes into.
    class Divided
      include MashTakes

      WORD = /\bdivided\b/i
      LIKE = /plain|seasoned|all-purpose|wheat|unsalted|salted|melted|softened|cold/
      # What the second half of each goes before, from the end of the list.
      INTO = {"flour" => "liquid", "fat" => "crumb"}.freeze
      STEWED, DREDGED, BACK, STIRRED_IN =
        DataFiles.words("dishes/words.yml")
          .values_at(:thick_in_its_pan, :dredged_by_step, :back_in_it, :so_much_of_the_flour)
      REST_OF_IT, FLOUR, CRUMBS = /\b(?:remaining|rest of)\b/i, /\bflour\b/i, /\bcrumbs\b|\bpanko\b|\bcrackers\b/i
      TOSSED = /(?:#{CRUMBS.source})[^.;]{0,40}?\b(#{AMOUNT.source})\s+(?:of\s+)?(?:the\s+)?(?:melted\s+)?butter\b/i
      private_constant :TOSSED, :WORD, :LIKE, :INTO, :STEWED, :DREDGED, :BACK,
                       :STIRRED_IN, :REST_OF_IT, :FLOUR, :CRUMBS

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        mashed = for_the_mash(lines)
        return mashed unless mashed.equal?(lines)

        at = lines.index { |line| INTO.key?(line.role) && line.grams && divided?(line, lines) } or return lines
        return lines if in_one_pan?(lines, lines[at])

        into = first_of_the_last(lines, INTO.fetch(lines[at].role)) or return lines
        rest = rest_of(lines[at], lines) or return lines
        return lines if lines[at].role == "fat" && rest_thickens?(lines)

        return lines unless into > at

        *ahead, second = halves(lines[at], rest, lines[(at + 1)...into])
        [*lines[0...at], *ahead, second.with(part: lines[into].part), *lines[into..]]
      end

      private

      # By its own words, or, of butter that is all there is, by the step that tosses crumbs with some of it.
      def divided?(line, lines)
        return true if line.text.match?(WORD)

        line.ingredient == "butter" && lines.one? { |other| other.ingredient == "butter" } &&
          lines.any? { |other| other.role == "step" && other.text.match?(TOSSED) }
      end

      # What is turned in flour and stewed in what the rest thickens: that is told by LeftInTheDish.
      def in_one_pan?(lines, line) =
        line.role == "flour" && lines.first.role == "title" && lines.first.text.match?(STEWED) &&
          [DREDGED, BACK].all? { |words| lines.any? { |one| one.role == "step" && one.text.match?(words) } }

      # "Melt the remaining butter, stir in the flour": all of it is the sauce's.
      def rest_thickens?(lines)
        Sentences.of_steps(lines).any? { |text| text.match?(REST_OF_IT) && text.match?(FLOUR) && !text.match?(CRUMBS) }
      end

      # Stock and the cream behind it are poured together.   @return [Integer, nil]
      def first_of_the_last(lines, role)
        last = lines.rindex { |line| line.role == role } or return
        last -= 1 while last.positive? && lines[last - 1].role == role
        last
      end

      # @return [Estimate, nil] g
      def rest_of(line, lines)
        steps = lines.select { |one| one.role == "step" }.map(&:text)
        rest = said(line, steps, /\b(?:remaining|reserved|other|last)\s+/)
        rest ||= line.role == "fat" ? tossed(line, steps) : stirred_in(steps)
        return rest if rest && rest.value < line.grams.value
        return unless rest.nil? && steps.any?(/\b(?:remaining|reserved|rest of)\b[^.;,]*\b#{kind(line)}\b/i)

        first = said(line, steps, //)
        line.grams * (1 - first.value / line.grams.value) if first && first.value < line.grams.value
      end

      # "Whisk in 1/4 cup of the flour": what is left is the coat's.   @return [Estimate, nil] g
      def stirred_in(steps)
        amount = steps.filter_map { |step| step[STIRRED_IN, 1] }.first
        @line_reader.read("#{amount} flour").grams if amount
      end

      # "Toss the panko with 2 tbsp melted butter".   @return [Estimate, nil] g
      def tossed(line, steps)
        amount = steps.filter_map { |step| step[TOSSED, 1] }.first
        @line_reader.read("#{amount} #{name(line)}").grams if amount
      end

      # The first amount of it that a step takes, behind such words.
      def said(line, steps, before)
        words = /#{before.source}(#{AMOUNT.source})\s+(?:of\s+)?(?:the\s+)?(?:#{LIKE.source}\s+)?#{kind(line)}\b/i
        amounts = steps.lazy.flat_map { |step| step.scan(words).flatten }
        amounts.filter_map { |amount| @line_reader.read("#{amount} #{name(line)}").grams }.first
      end

      def kind(line) = line.role == "flour" ? "flour" : Regexp.escape(name(line)[/\p{L}+\z/].to_s)
      def name(line) = line.name_text.to_s.sub(/[,(].*/, "").strip

      def halves(line, rest, between)
        first = line.grams * (1 - rest.value / line.grams.value)
        [part(line, first), *between, part(line, rest)]
      end

      def part(line, grams)
        line.with(text: "#{WeighedLine.tenths(grams.value.round(1))} g #{name(line)}", grams: grams, amount_text: nil,
                  name_text: name(line))
      end
    end
  end
end
