module Restauro
  module Labels
    # Reads the words of a label. Codex CXS 118-1979 and the national rules say what a claim means; the rest is common
    # practice.
    class Reader
      MOST_LETTERS = 20_000
      BARE_BEFORE = /(?:\A|[,;:(\[\n.]|\band\b|\bcontains\b)\s*\z/i
      # "Gluten-free self-raising flour", "gluten free white bread flour".
      CALLED_FREE = /\bgluten[\s-]?free\s+(?:[[:alpha:]-]+\s+){0,2}\z/i
      REACH = 80
      KINDS = {"contains" => 0, "may_contain" => 1, "ask" => 2, "fine" => 3, "claim" => 4}.freeze

      def initialize(words: Words.new, phrases: Phrases.new, misspellings: Misspellings.new)
        @words = words
        @phrases = phrases
        @misspellings = misspellings
        @known = words.single.to_h { |word| [word, true] }
        @languages = Languages.new(words.all)
        freeze
      end

      # @param text [String] the ingredient list and what else the pack says   @param sold_in [String] one of SOLD_IN
      # @return [Verdict]   @raise [InvalidInput] nothing to read, or no such place
      def read(text, sold_in:)
        raise InvalidInput, "sold in is #{SOLD_IN.join(", ")}; got '#{sold_in}'" unless SOLD_IN.include?(sold_in)
        raise InvalidInput, "the label is empty; type its ingredient list" if text.strip.empty?
        if text.length > MOST_LETTERS
          raise InvalidInput, "a label is at most #{MOST_LETTERS} letters; got #{text.length}"
        end

        plain = Plain.new(text, @known)
        verdict = found(plain.text, sold_in == "uk" ? "eu" : sold_in)
        verdict.with(marks: verdict.marks.map { |mark| in_place(mark, plain, text) })
      end

      private

      def found(text, place)
        pointers = @phrases.pointers(text)
        hits = Words.leftmost_longest(claim_hits(text) + @words.hits(text)).reject { |hit| within?(pointers, hit) }
        claims = hits.filter_map(&:claim)
        marks = (marks(hits, text, place, claims) + slips(text, hits)).sort_by(&:start)
        verdict(marks, claims, place, @languages.read?(text))
      end

      # A mark on the text as it was given.
      def in_place(mark, plain, text)
        from, to = plain.place(mark.start), plain.place_after(mark.end)
        Mark.new(start: from, end: to, text: text[from...to], kind: mark.kind, why: mark.why)
      end

      def claim_hits(text)
        @phrases.claims.flat_map do |claim|
          @words.matches(text, claim.pattern).map { |start, finish| Words::Hit.new(start, finish, nil, claim) }
        end
      end

      def marks(hits, text, place, claims)
        denials, precautions = @phrases.denials(text), @phrases.precautions(text)
        vouched = claims.any?(&:counts)
        hits.map do |hit|
          next mark(hit, text, "claim", hit.claim.why) if hit.claim

          kind, why = kind_of(hit, text, place, vouched)
          kind, why = "claim", "the label says it is not in it" if within?(denials, hit)
          kind, why = "may_contain", "the label warns of it: #{why}" if kind == "contains" && within?(precautions, hit)
          mark(hit, text, kind, why)
        end
      end

      def within?(ranges, hit) = ranges.any? { |range| range.cover?(hit.start) }
      def mark(hit, text, kind, why) =
        Mark.new(start: hit.start, end: hit.end, text: text[hit.start...hit.end], kind: kind, why: why)

      # @param vouched [Boolean] whether the pack makes a tested gluten-free claim
      def kind_of(hit, text, place, vouched)
        row = hit.row
        case row.kind
        when "oats"
          [vouched ? "ask" : "may_contain", row.why]
        when "gluten_free_starch"
          return row.by_place[place], row.why if row.by_place.key?(place)

          [vouched || GlutenWords::GLUTEN_FREE.match?(text[hit.start...hit.end]) ? "may_contain" : "contains", row.why]
        else
          return "claim", "the label says it holds none" if row.unless_said && before(hit, text).match?(CALLED_FREE)
          if row.bare && !before(hit, text).match?(BARE_BEFORE)
            return "may_contain", "a flour this reader does not know"
          end

          [row.by_place.fetch(place, row.kind), row.why]
        end
      end

      # The words right before a hit, no further: a long label is read in one go.
      def before(hit, text) = hit.start < REACH ? text[0...hit.start] : "x#{text[(hit.start - REACH)...hit.start]}"

      def slips(text, hits)
        precautions = @phrases.precautions(text)
        @misspellings
          .in(text)
          .reject { |slip| hits.any? { |hit| slip.start < hit.end && hit.start < slip.end } }
          .map do |slip|
            sure = slip.sure && !within?(precautions, slip)
            Mark.new(
              start: slip.start,
              end: slip.end,
              text: text[slip.start...slip.end],
              kind: sure ? "contains" : "may_contain",
              why: "reads like a slip for #{slip.meant}"
            )
          end
      end

      # @param read [Boolean] whether the text is in a language that is read
      def verdict(marks, claims, place, read)
        finding = %w[contains may_contain].find { |kind| marks.any? { |mark| mark.kind == kind } }
        finding ||= read || marks.any? ? "none_found" : "cannot_tell"
        Verdict.new(
          finding: finding,
          marks: marks,
          claims: claims.map(&:key).uniq,
          advice: advice(finding, marks, claims, place)
        )
      end

      def advice(finding, marks, claims, place)
        asked = marks.select { |mark| mark.kind == "ask" }.map { |mark| mark.text.downcase }.uniq
        words = @phrases.advice
        [
          words[finding],
          (format(words["ask"], asked.first(4).join(", ")) if asked.any?),
          (words["claim_missing"] if finding == "none_found" && claims.none?(&:counts)),
          words[place],
          (words["wheat_allergy"] if marks.any? { |mark| wheat_for_coeliacs?(mark) })
        ].compact.join(" ")
      end

      # Starch and syrup of wheat that a coeliac may be allowed, and a wheat allergy never.
      def wheat_for_coeliacs?(mark)
        %w[fine may_contain].include?(mark.kind) && mark.text.match?(/wheat|weizen|bl(?:é|e)|frumento|trigo/i) &&
          mark.text.match?(/starch|syrup|dextrose|stärke|amid/i)
      end
    end
  end
end
