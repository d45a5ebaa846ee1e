module Restauro
  module Recipes
    # Reads amounts in one system of units.
    class AmountReader
      include TrailingAmount
      include TwoMeasures

      HEAP = /\A\s*(#{Regexp.union(Amount::HEAPS.keys.sort_by { |word| -word.length }).source})(?![\p{L}.])/i
      # "Tipo 00 flour 400 g": the noughts are the flour's.
      NOUGHTS = /\A00\s+(?=\p{L})/
      # "1.500 ml" is written so where a point parts the thousands.
      THOUSANDS = /\A[1-9]\d{0,2}\.\d{3}\z/
      # Signs and small pictures before a thing, a box to tick, or its number in a list.
      BULLET = /\A\s*(?:(?:[*•▢☐☑✓✔◦·‣●○▪■□+\#–—]|[\p{So}&&[^°]]\u{FE0F}?|-(?=\s)|\[[\sxX]?\]|-\ \[[\sxX]?\]|
        \d{1,2}[.)](?=\s+[\d½⅓¼⅔¾⅛]))\s*)+/x
      DASH_BULLET = /\A\s*-\s*/
      OF = /\A\s*(?:of(?:\s+the)?|de la|de l['’]|des?|du|d['’]|di|del|della|dell['’]|von)(?:\s+|(?<=['’]))/i
      # "40 g (1.4 oz) de beurre".
      OF_BEHIND = /\A(\s*\([^()]*\d[^()]*\))#{OF.source.delete_prefix("\\A")}/i
      # "a 400 g tin": one of it.
      ARTICLE = /\A(?:an?|one)\s+(?=\d)/i
      # "9-inch pie shell": one of it, so wide.
      ACROSS = /\A\d{1,2}\s*-?\s*(?:inch(?:es)?\b|in\.|["”]|cm\b)\s*-?\s*
        (?=(?:[\p{L}-]+\s+){0,4}(?:shells?|crusts?|cases?)\b)/ix
      # "2 tablespoons flour, heaped", "2 tbsp (heaped) flour".
      HEAP_AFTER = /[,(]\s*(#{Regexp.union(Amount::HEAPS.compact.keys).source})\s*(?:\)|\z)/i
      # "Oil for deep frying, 180C" is no 180 cups.
      DEGREES = /(?<=\S)[,;:]?\s+\(?(?:at |to )?\d{3}\s?°?\s?[CF]\b\)?/
      # With no number behind it, "tin tomatoes 400 g"; "Pot roast" is no pot of it.
      ONE_PACK = /\A(?:tin|can|bag|jar|packet|carton)\s+\D+\z/i
      ABOUT = /\A(?:about|abt\.?|approximately|approx\.?|around|roughly|ca\.?)\s+/i

      def initialize(units)
        @units = units
        @packs = PackSizes.new(units)
        @weights = OwnWeight.new(units)
        @words = NumberWords.new(units)
        freeze
      end

      # @param text [String] a raw line   @param bulleted [Boolean] whether a dash at its head is a bullet, not a minus
      # @return [Amount, nil] nil when the line holds no amount   @raise [InvalidInput] an impossible quantity
      def read(text, bulleted: false)
        bare = Numbers.plain(text.sub(DEGREES, "")).sub(bulleted ? DASH_BULLET : BULLET, "")
        plain = @words.plain(bare.sub(ABOUT, "").sub(ARTICLE, "").sub(ACROSS, "1 ").strip)
        heaped_after(leading(plain) || trailing(plain), plain)
      end

      private

      def leading(text)
        number, rest = Numbers.read(text) || heaped_first(text) || one_loose(text)
        return if number.nil? || text.match?(NOUGHTS) || bare_article?(text, rest)

        number = thousands(number, text, rest)
        terms, rest = terms_from(number, rest)
        written = text[0, text.length - rest.length].strip.squeeze(" ")
        terms, rest = @weights.read(terms, rest)
        Amount.new(terms: terms, text: written, rest: rest.sub(OF, "").sub(OF_BEHIND, '\1 ').strip)
      end

      def heaped_after(amount, text)
        match = HEAP_AFTER.match(text)
        return amount unless match && amount && amount.terms.first.heap.nil? && amount.terms.first.unit&.volume?

        first, *more = amount.terms
        Amount.new(
          terms: [Amount::Term.new(first.number, first.unit, Amount::HEAPS[match[1].downcase]), *more],
          text: amount.text,
          rest: amount.rest.sub(HEAP_AFTER, "").strip
        )
      end

      def thousands(number, text, rest)
        written = text[0, [text.length - rest.length, 0].max].strip
        unit, = THOUSANDS.match?(written) ? @units.read(rest.lstrip) : nil
        %w[g ml].include?(unit&.key) ? number * 1000 : number
      end

      # "scant 1/2 cup milk", "heaped tbsp flour" (one of them): the heap is put behind the number.
      def heaped_first(text)
        match = HEAP.match(text) or return
        number, rest = Numbers.read(match.post_match.lstrip)
        return number, " #{match[0].strip}#{rest}" if number && @units.read(rest.lstrip)

        [Estimate.new(value: 1), text] if @units.read(match.post_match.lstrip)
      end

      # "pinch of salt", "tin sweetcorn": one of it.
      def one_loose(text)
        unit, = @units.read(text)
        [Estimate.new(value: 1), " #{text}"] if unit&.kind == :loose || (unit&.kind == :pack && text.match?(ONE_PACK))
      end

      # "a little butter" holds no amount; "a pinch" and "a cup" do.
      def bare_article?(text, rest)
        text.match?(/\A(?:an?)\s(?!egg\b)/i) && @units.read(strip_heap(rest).first.lstrip).nil?
      end

      def terms_from(number, rest)
        @packs.read(number, rest) ||
          begin
            term, rest = term_from(number, rest)
            surer = dual_weight(term, rest)
            more, rest = joined(term, skip_dual(term, rest))
            [surer ? [surer] : [term, *more], rest]
          end
      end

      def term_from(number, rest)
        stripped, heap = strip_heap(rest.sub(/\A-(?=[[:alpha:]])/, ""))
        unit, after = @units.read(stripped.lstrip)
        return Amount::Term.new(number, nil, nil), rest unless unit

        after, behind = strip_heap(after) if unit.spoon
        after = @packs.without_word(after) if unit.mass? || unit.volume?
        [Amount::Term.new(number, unit, heap || behind), after]
      end

      def joined(term, rest)
        compound = term.unit&.mass? && /\A\.?\s+(?=\d+\s*(?:oz|ounces?)\b)/i.match(rest)
        return [], rest unless term.unit && (match = compound || /\A\s*(?:plus|\+|and|&)\s+/i.match(rest))

        number, after = Numbers.read(match.post_match)
        return [], rest unless number

        next_term, left = term_from(number, after)
        next_term.unit ? [[next_term], left] : [[], rest]
      end

      def strip_heap(text)
        match = HEAP.match(text) or return text, nil
        [match.post_match, Amount::HEAPS[match[1].downcase]]
      end
    end
  end
end
