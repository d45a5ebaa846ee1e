# frozen_string_literal: true

module Restauro
  module Recipes
    # "Fried pickles", "breaded olives": what is stirred in last or goes to the table elsewhere has the coat here.
    module FriedByName
      FRIED = DataFiles.words("dishes/words.yml").fetch(:fried_by_its_name)
      LATE = %w[late table].freeze
      MEATS = %w[whole_meat ground_meat ground_poultry sausage].freeze
      KIND = "simmer"
      # "with ranch dressing": that lies beside it.
      BEHIND_WITH = /(?<=\p{L})\s+#{DataFiles.words("dishes/words.yml").fetch(:joined_by)}.*\z/io
      private_constant :FRIED, :LATE, :MEATS, :KIND, :BEHIND_WITH

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.first&.role == "title" ? lines.first.text.downcase : ""
        return lines if !title.match?(FRIED) || lines.any? { |line| line.by_the_piece? || MEATS.include?(line.kind) }

        words = title.sub(BEHIND_WITH, "").scan(/\p{L}{5,}/).map { |word| word.sub(/e?s\z/, "") }
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
