# frozen_string_literal: true

module Restauro
  module Recipes
    # The lines of a pasted text: empty ones dropped, an amount that stands alone put before its name.
    module Tidy
      LONE_LEAST = 3
      BLANKS = /[ \u00a0\u2007\u202f]{2,}|\t{2,}/
      # Rules and rows of dots: the same sign again and again.
      RUN = /([,;:.\-–—_=*#|(\[<>~+])(?:\s?\1){3,}/
      # What a recipe may hold, stated and told: a text, a line of it, its ingredient lines.
      MOST_LETTERS = 200_000
      MOST_IN_A_LINE = 4_000
      ROW = /\A\s*\|.*\|\s*\z/
      RULE = /\A:?-{2,}:?\z/
      HEAD =
        /\A(?:ingredients?|amounts?|quantit(?:y|ies)|qty|items?|measures?|weights?|notes?|metric|us|imperial|grams?|cups?)\z/i
      # Ends of lines as a program writes them, in a text that has no others.
      ESCAPED = /(?:\\r)?\\n/
      BY_HAND = 400
      MOST_LINES = 2_000
      MOST_INGREDIENTS = 400

      module_function

      # @return [String] an error's words
      def too_much(what, most) =
        "this is #{what}; a recipe may have #{most}: paste its ingredient lines and steps alone"

      # "| Butter | 40 g |": the cells in one line each, without the rules and the table's own head.
      def cells(lines)
        lines.filter_map do |line|
          next line unless ROW.match?(line)

          cells = line.split("|").map(&:strip).reject(&:empty?)
          cells.join(" ") unless cells.all? { |cell| RULE.match?(cell) } || cells.all? { |cell| HEAD.match?(cell) }
        end
      end

      # "butter", and under it "40 g".
      def name_first(lines, line_reader)
        lone = (1...lines.length).select do |at|
          line_reader.lone_amount?(lines[at]) && line_reader.known_name?(lines[at - 1])
        end
        return lines if lone.length < LONE_LEAST

        lines.each_index.filter_map do |index|
          next if lone.include?(index)

          lone.include?(index + 1) ? "#{lines[index + 1].strip} #{lines[index].strip}" : lines[index]
        end
      end

      # "for the pasta dough 300 g flour, 3 eggs; for the sauce 40 g butter": each of them a line of its own; where it
      # is told in sentences, "For the sauce melt 40 g butter", its name is a heading over them.
      PART_TOLD = /(?:\A|[;:.]\s*|\n)\s*(for the \p{L}[\p{L} ]{2,25}?):?\s+(?=[\d½¼¾⅓⅔])/i
      # "Parsley sauce: melt 30 g butter, stir in ...": its name, and the sentence.
      TOLD = /\A\W*([[:alpha:]][^:\d.;!?]{1,40}):\s+(?=[[:alpha:]])(.*\d.*)\z/
      SENTENCE = Regexp.union(DataFiles.words("recipes/words.yml").fetch(:begins_a_step),
                              /\A(?:#{Prose::VERB}|#{Prose::INFINITIVE}|faire\b)/i)
      # The first line of a text in two, where it is a name and what is told of it; a later one where the name is a
      # part's.   @return [Array<String>]
      def titled(line, first:)
        told = TOLD.match(line)
        return [line] unless told && told[2].match?(SENTENCE) && (first || told[1].match?(Headings::NAMES))

        [first ? told[1] : "#{told[1]}:", told[2][0].upcase + told[2][1..]]
      end

      # @return [Array<String>]
      def told_parts(line)
        return [line] if line.scan(PART_TOLD).length < 2

        line
          .gsub(PART_TOLD) { "\n#{named(Regexp.last_match(1))} " }
          .split("\n")
          .map { |part| part.strip.delete_suffix(";") }
          .reject(&:empty?)
      end

      # @return [String] a heading, and the sentence under it
      def named(words)
        verb = words.index(Prose::VERB) or return "#{words.capitalize}:"

        "#{words[0...verb].strip.capitalize}:\n#{words[verb..].capitalize}"
      end

      # @return [String] without what is typed short, its times in figures
      def in_full(line) = TimesInFigures.of(AndAHalf.in_front(Marks.off(ShortHand.in_full(line))))

      # A line that nobody types by hand, its blanks and its rows of one sign made short.
      def closed_up(line) = line.length > BY_HAND ? line.gsub(BLANKS, " ").gsub(RUN, "\\1") : line

      # @param text [String]   @param line_reader [LineReader]   @return [Array<String>]
      def lines(text, line_reader)
        raise InvalidInput, too_much("#{text.length} letters", MOST_LETTERS) if text.length > MOST_LETTERS

        text = text.gsub(ESCAPED, "\n") unless text.include?("\n")
        text = Entities.decode(text) if text.include?("&")
        lines = text.lines.map { |line| in_full(closed_up(line.chomp)) }.reject { |line| line.strip.empty? }
        lines = [NameAndList.of(lines.first, line_reader), *lines.drop(1)] if lines.any?
        lines = lines.each_with_index.flat_map { |line, index| titled(line, first: index.zero?) }
        lines = lines.flat_map { |line| told_parts(line) }.reject { |line| line.strip.empty? }
        raise InvalidInput, too_much("#{lines.length} lines", MOST_LINES) if lines.length > MOST_LINES

        long = lines.find { |line| line.length > MOST_IN_A_LINE } and
          raise InvalidInput,
                "the line '#{long.strip[0, 40]}...' has #{long.length} letters; a line may have #{MOST_IN_A_LINE}"
        lines = cells(lines) if lines.count { |line| ROW.match?(line) } > 1
        amount_first(lines, line_reader)
      end

      # An amount that stands alone on its line, put before the name below or above it.   @return [Array<String>]
      def amount_first(lines, line_reader)
        lone = lines.each_index.select do |index|
          line_reader.lone_amount?(lines[index]) && lines[index + 1] && !line_reader.amount?(lines[index + 1])
        end
        if lone.length < LONE_LEAST ||
            (
              lone.first.positive? && line_reader.lone_amount?(lines.last) &&
                line_reader.known_name?(lines[lone.first - 1])
            )
          return name_first(lines, line_reader)
        end

        lines.each_index.filter_map do |index|
          next if index.positive? && lone.include?(index - 1)

          lone.include?(index) ? "#{lines[index].strip} #{lines[index + 1].strip}" : lines[index]
        end
      end
    end
  end
end
