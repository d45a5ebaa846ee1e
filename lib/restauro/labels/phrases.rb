module Restauro
  module Labels
    # What a label says of itself, what it denies, and what it warns may have got in.
    class Phrases
      Claim = Struct.new(:key, :pattern, :counts, :why)

      attr_reader :claims, :advice

      def initialize(table: DataFiles.yaml("labels/phrases.yml"))
        @claims = table["claims"].map { |key, row|
          Claim.new(key, /(?<![[:alpha:]])(?:#{row["pattern"]})(?![[:alpha:]])/i, row["counts"],
                    row["why"])
        }.freeze
        @precaution = /#{table["precaution"]}/i
        @pointer = /#{table["pointer"]}/i
        @sentence_end = /#{table["sentence_end"]}/i
        item = Words.any(table["denied"])
        joint = /(?:[,&\/\s]|\b(?:#{table["list_words"].join("|")})\b)*/i
        @denial = /#{table["denial"]}#{joint}(?:#{item}(?=\s*(?:[,.;&\/\n)]|\z|\b(?:#{table["list_words"].join("|")})\b))#{joint})+/i
        @advice = table["advice"]
        freeze
      end

      # @return [Array<Range>] stretches that say what is not in it
      def denials(text) = text.to_enum(:scan, @denial).map { Regexp.last_match.begin(0)...Regexp.last_match.end(0) }

      # @return [Array<Range>] sentences that only say how allergens are printed
      def pointers(text) = text.to_enum(:scan, @pointer).map { Regexp.last_match.begin(0)...Regexp.last_match.end(0) }

      # @return [Array<Range>] stretches from a warning to the end of its sentence
      def precautions(text)
        text.to_enum(:scan, @precaution).map do
          match = Regexp.last_match
          match.begin(0)...(text.index(@sentence_end, match.end(0)) || text.length)
        end
      end
    end
  end
end
