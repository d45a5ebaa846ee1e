module Restauro
  # Words in a recipe that mean gluten, or a label to read. It never calls anything free of gluten.
  class GlutenWords
    Find = Struct.new(:word, :finding, :why)
    GLUTEN_FREE = /gluten[\s-]*free|\bgf\b|sans gluten|glutenfrei|senza glutine|sin gluten/i

    def self.load = new(DataFiles.yaml("ingredients/gluten_words.yml"))

    def initialize(rows)
      @rows = rows.map { |row| [pattern(row["words"]), row["except"] && pattern(row["except"]), row] }.freeze
      freeze
    end

    # @param text [String] one recipe line   @return [Array<Find>] finding is "contains" or "check", the worst first
    def find(text)
      plain = text.tr("’", "'")
      finds = @rows.filter_map do |words, except, row|
        word = (except ? plain.gsub(except, " ") : plain)[words] or next
        Find.new(word.downcase, finding(row, plain), row["why"])
      end
      finds.sort_by.with_index { |find, i| [find.finding == "contains" ? 0 : 1, i] }
    end

    private

    # A line that says gluten-free still asks for its label to be read.
    def finding(row, text) = GLUTEN_FREE.match?(text) ? "check" : row["finding"]

    def pattern(words)
      /(?<![[:alpha:]])(?:#{words.sort_by { |w| -w.length }.map { |w| Regexp.escape(w).gsub("\\ ", "[ -]") }.join("|")})(?![[:alpha:]])/i
    end
  end
end
