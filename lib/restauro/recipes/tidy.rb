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
      BY_HAND = 400
      MOST_LINES = 2_000
      MOST_INGREDIENTS = 400

      module_function

      def too_much(what, most) = "this is #{what}; a recipe may have #{most}: paste its ingredient lines and steps alone"

      # A line that nobody types by hand, its blanks and its rows of one sign made short.
      def closed_up(line) = line.length > BY_HAND ? line.gsub(BLANKS, " ").gsub(RUN, "\\1") : line

      # @param text [String]   @param line_reader [LineReader]   @return [Array<String>]
      def lines(text, line_reader)
        raise InvalidInput, too_much("#{text.length} letters", MOST_LETTERS) if text.length > MOST_LETTERS

        lines = text.lines.map { |line| closed_up(line.chomp) }.reject { |line| line.strip.empty? }
        raise InvalidInput, too_much("#{lines.length} lines", MOST_LINES) if lines.length > MOST_LINES

        long = lines.find { |line| line.length > MOST_IN_A_LINE } and
          raise InvalidInput, "the line '#{long.strip[0, 40]}...' has #{long.length} letters; a line may have #{MOST_IN_A_LINE}"
        lone = lines.each_index.select { |index| line_reader.lone_amount?(lines[index]) && lines[index + 1] &&
                                        !line_reader.amount?(lines[index + 1]) }
        return lines if lone.length < LONE_LEAST

        lines.each_index.filter_map do |index|
          next if index.positive? && lone.include?(index - 1)

          lone.include?(index) ? "#{lines[index].strip} #{lines[index + 1].strip}" : lines[index]
        end
      end
    end
  end
end
