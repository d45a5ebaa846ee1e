# frozen_string_literal: true

module Restauro
  module Recipes
    # The lines of a pasted text: empty ones dropped, an amount that stands alone put before its name.
    module Tidy
      LONE_LEAST = 3

      module_function

      # @param text [String]   @param line_reader [LineReader]   @return [Array<String>]
      def lines(text, line_reader)
        lines = text.lines.map(&:chomp).reject { |line| line.strip.empty? }
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
