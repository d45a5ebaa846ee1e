module Restauro
  module Labels
    # A label's text as it was meant: words broken at a line's end or by soft hyphens put together, spaced letters
    # closed up, zero for O and three for E where that makes a word of the table. Knows where each letter stood, so that
    # marks lie on the text as it was given.
    class Plain
      INVISIBLE = /[\u00ad\u200b\u200c\u200d\u2060\ufeff]/
      BROKEN = /(?<=[[:alpha:]])[-\u2010\u2011][ \t]*\r?\n[ \t]*(?=[[:lower:]])/
      SPACED = /(?<![[:alpha:]])(?:[[:alpha:]] ){3,}[[:alpha:]](?![[:alpha:]])/
      HYPHENED = /(?<![[:alpha:]-])[[:alpha:]]{2,}-[[:alpha:]]{1,}(?![[:alpha:]-])/
      MIXED = /(?<![[:alnum:]])(?=[[:alpha:]\d]*[[:alpha:]])(?=[[:alpha:]\d]*\d)[[:alpha:]013457]{3,}(?![[:alnum:]])/
      LOOKS_LIKE = {"0" => "o", "1" => "l", "3" => "e", "4" => "a", "5" => "s", "7" => "t"}.freeze

      attr_reader :text

      # @param source [String]   @param known [Hash] words of the table, in small letters => true
      def initialize(source, known)
        @known = known
        @text = source
        @places = (0..source.length).to_a
        drop(INVISIBLE) { true }
        drop(BROKEN) { true }
        close_up
        drop_hyphens
        @text = @text.gsub(MIXED) { |word| meant(word) }
        freeze
      end

      # Where a letter of the plain text stands in the text as it was given.   @return [Integer]
      def place(index) = @places[index]
      # Where the stretch that ends before this letter ends.   @return [Integer]
      def place_after(index) = index.zero? ? 0 : @places[index - 1] + 1

      private

      # Takes stretches out of the text, and their places.
      def drop(pattern, &block)
        cut(
          @text
            .to_enum(:scan, pattern)
            .map { Regexp.last_match }
            .select(&block)
            .map { |match| match.begin(0)...match.end(0) }
        )
      end

      def cut(ranges)
        return if ranges.empty?

        kept, from = [], 0
        ranges.each { |range| kept << (from...range.begin) and from = range.end }
        kept << (from..@text.length)
        @text, @places = kept.map { |range| @text[range] }.join, kept.flat_map { |range| @places[range] }
      end

      def close_up
        cut(
          @text
            .to_enum(:scan, SPACED)
            .map { Regexp.last_match }
            .flat_map do |match|
              (match.begin(0)...match.end(0)).select { |index| @text[index] == " " }.map { |index| index...(index + 1) }
            end
        )
      end

      # "whe-at" is one word where its halves are none.
      def drop_hyphens
        cut(
          @text
            .to_enum(:scan, HYPHENED)
            .map { Regexp.last_match }
            .filter_map do |match|
              halves = match[0].downcase.split("-")
              next if halves.any? { |half| @known.key?(half) } || !@known.key?(halves.join)

              (match.begin(0) + halves.first.length).then { |index| index...(index + 1) }
            end
        )
      end

      def meant(word)
        letters = word.gsub(/\d/, LOOKS_LIKE)
        @known.key?(letters.downcase) ? letters : word
      end
    end
  end
end
