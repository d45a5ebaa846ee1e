module Restauro
  module Recipes
    # Reads a whole recipe in any format: { or [ is JSON-LD, < is HTML holding JSON-LD, anything else plain text.
    class Reader
      # @param catalogue [Catalogue]   @param system [String]   @param gluten_words [GlutenWords]
      def initialize(catalogue, system: "us", gluten_words: GlutenWords.load)
        @catalogue = catalogue
        @system = system
        @line_reader = LineReader.new(catalogue, system: system)
        @gluten_words = gluten_words
        freeze
      end

      # @param text [String] UTF-8   @param corrections [Array<Correction>]   @return [Recipe]   @raise [InvalidInput]
      def read(text, corrections: [])
        raise InvalidInput, "the recipe is empty; paste its ingredient lines, one a line" if text.strip.empty?

        lines = with_gluten(corrected(entries(text).map { |entry| entry_line(entry) }, corrections))
        return Recipe.new(lines: lines, system: @system) if lines.any? { |l| !l.words? && l.understood }

        raise InvalidInput, "no ingredient could be read in '#{text.strip[0, 40]}...'; type lines such as '2 cups milk' or '30 g flour'"
      end

      # One line alone.   @return [Line]   @raise [InvalidInput] an impossible amount
      def line(text) = with_gluten([@line_reader.read(text)]).first

      private

      def entries(text)
        case text.lstrip[0]
        when "{", "[" then JsonLd.read(text)
        when "<" then Html.read(text)
        else Outline.new(@line_reader).read(text)
        end
      end

      def entry_line(entry)
        return Line.new(text: entry.text, role: entry.kind.to_s, part: entry.part) unless entry.kind == :ingredient

        @line_reader.read(entry.text, part: entry.part, bulleted: entry.bulleted)
      end

      def corrected(lines, corrections)
        by_place = corrections.to_h { |c| [[c.text, c.occurrence], c] }
        seen = Hash.new(-1)
        lines.map do |line|
          correction = by_place[[line.text, seen[line.text] += 1]]
          correction ? @line_reader.correct(line, correction) : line
        end
      end

      # Ingredient lines are always marked; a step or title only for a word that no ingredient line holds.
      def with_gluten(lines)
        finds = lines.map { |line| @gluten_words.find(line.text) }
        listed = lines.zip(finds).reject { |line, _| line.words? }.flat_map { |_, found| found.map(&:word) }
        lines.zip(finds).map do |line, found|
          found = found.reject { |find| listed.any? { |word| word.include?(find.word) } } if line.words?
          found.empty? ? line : line.with(warnings: line.warnings + [gluten_warning(found.first, line)])
        end
      end

      def gluten_warning(find, line)
        code = find.finding == "contains" ? :gluten_in_line : :check_label
        Warning.new(code: code, line: line.text, text: "#{find.word}: #{find.why}")
      end
    end
  end
end
