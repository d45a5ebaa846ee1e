module Restauro
  module Labels
    # The table of label words, found in a text whatever the case and whether or not its accents were typed.
    class Words
      Row = Struct.new(:kind, :by_place, :why, :bare, :pattern, :wild, :unless_said)
      # A hit of a row: where, and how exactly (a wildcard gives way to a whole word of the same length).
      Hit = Struct.new(:start, :end, :row, :claim)

      # One word or phrase as a pattern: spaces may be spaces or hyphens, * is any letters, accents may be missing.
      def self.pattern(word)
        BareLetters
          .each_letter(Regexp.escape(word))
          .gsub("\\ ", "[\\s-]+")
          .gsub("\\-", "[\\s-]?")
          .gsub("\\*", "[[:alpha:]]*")
          .gsub("'", "['’]")
      end

      # @param words [Array<String>]   @return [Regexp] any of them alone, as labels write them
      def self.any(words)
        /(?<![[:alpha:]])(?:#{words.sort_by { |word| -word.length }.map { |word| pattern(word) }.join("|")})(?![[:alpha:]])/i
      end

      # The table as it ships, its patterns made once.
      def self.shared = @shared ||= new

      def initialize(table: DataFiles.yaml("labels/words.yml"))
        @rows = table.flat_map { |row| rows(row) }.freeze
        @all = table.flat_map { |row| row["words"] }.map { |word| word.to_s.delete("*") }.freeze
        freeze
      end

      # @return [Array<String>] every word and phrase of the table
      attr_reader :all

      # @return [Array<String>] those of one word, in small letters
      def single = all.map(&:downcase).grep_v(/[^[:alpha:]]/)

      # @return [Array<Hit>] every hit of every row, overlapping
      def hits(text)
        @rows.flat_map { |row| matches(text, row.pattern).map { |start, finish| Hit.new(start, finish, row, nil) } }
      end

      # Of overlapping hits the longest that starts first; of equal ones a whole word before a wildcard.
      def self.leftmost_longest(hits)
        sorted = hits.sort_by { |hit| [hit.start, -hit.end, hit.row&.wild ? 1 : 0] }
        sorted.each_with_object([]) { |hit, kept| kept << hit if kept.empty? || hit.start >= kept.last.end }
      end

      # @return [Array<Array(Integer, Integer)>] where each is found
      def matches(text, pattern) = text.to_enum(:scan, pattern).map { Regexp.last_match.offset(0) }

      private

      # Whole words and wildcards apart, so that a whole word wins.
      def rows(row)
        row["words"]
          .partition { |word| !word.include?("*") }
          .zip([false, true])
          .reject { |words, _| words.empty? }
          .map do |words, wild|
            Row.new(
              row["kind"],
              row.fetch("in", {}),
              row["why"],
              row["bare"],
              Words.any(words),
              wild,
              row["unless_said"]
            )
          end
      end
    end
  end
end
