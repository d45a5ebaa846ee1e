module Restauro
  # Words in a recipe that mean gluten, or a label to read. It never calls anything free of gluten.
  class GlutenWords
    Find = Struct.new(:word, :finding, :why)
    GLUTEN_FREE = /gluten[\s-]*free|\bgf\b|sans gluten|glutenfrei|senza glutine|sin gluten/i
    # What is said beside the thing: in brackets, behind a comma, as a choice.
    ASIDE = /\([^)]*\)?|\[[^\]]*\]?|[,;].*|\b(?:or|if|use|unless|not|isn't|non)\b.*/i

    # @return [GlutenWords] of data/ingredients/gluten_words.yml
    def self.load = new(DataFiles.yaml("ingredients/gluten_words.yml"))

    # Whether the thing itself is called gluten-free: "gluten-free flour", never "flour (gluten-free if needed)".
    def self.called_free?(name) = GLUTEN_FREE.match?(name.gsub(ASIDE, " "))

    # @param labels [#call] to the label reader's own words, asked for only at a line that is not understood
    def initialize(rows, labels: Labels::Words.method(:shared))
      @labels = labels
      @rows = rows.map { |row| [pattern(row["words"]), row["except"] && pattern(row["except"]), row] }.freeze
      freeze
    end

    # @param text [String] one recipe line   @return [Array<Find>] finding is "contains" or "check", the worst first
    def find(text)
      plain = text.tr("’", "'").gsub(Names::FLESH, " ")
      finds = @rows.filter_map do |words, except, row|
        word = (except ? plain.gsub(except, " ") : plain)[words] or next
        Find.new(word.downcase, finding(row, plain), row["why"])
      end
      finds.sort_by.with_index { |find, i| [find.finding == "contains" ? 0 : 1, i] }
    end

    # A word for wheat, barley, rye or oats in any language that labels are read in, or flour of no kind that is named.
    # @return [Find, nil]
    def anywhere(text)
      return if GlutenWords.called_free?(text)

      hit =
        Labels::Words
          .leftmost_longest(@labels.call.hits(text.downcase))
          .find { |found| HOLDS.include?(found.row.kind) || found.row.bare }
      hit && Find.new(text.downcase[hit.start...hit.end], "contains", hit.row.why)
    end
    HOLDS = %w[contains oats gluten_free_starch].freeze

    private

    # A line that says gluten-free still asks for its label to be read.
    def finding(row, text) = GlutenWords.called_free?(text) ? "check" : row["finding"]

    def pattern(words)
      /(?<![[:alpha:]])(?:#{words.sort_by { |w| -w.length }.map { |w| Regexp.escape(w).gsub("\\ ", "[ -]") }.join("|")})(?![[:alpha:]])/i
    end
  end
end
