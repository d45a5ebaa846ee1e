# frozen_string_literal: true

module Restauro
  module Recipes
    # "Fried pickles", "breaded olives": what is stirred in last or goes to the table elsewhere has the coat here.
    module FriedByName
      FRIED = DataFiles.words("dishes/words.yml").fetch(:fried_by_its_name)
      LATE = %w[late table].freeze
      KIND = "simmer"
      private_constant :FRIED, :LATE, :KIND

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.first&.role == "title" ? lines.first.text.downcase : ""
        return lines unless title.match?(FRIED)

        words = title.scan(/\p{L}{5,}/).map { |word| word.sub(/e?s\z/, "") }
        lines.map { |line| food?(line, words) ? line.with(kind: KIND) : line }
      end

      # @param line [Line]   @param words [Array<String>] of the title
      def food?(line, words)
        name = line.name_text.to_s.downcase
        LATE.include?(line.kind) && words.any? { |word| name.include?(word) }
      end
    end
  end
end
