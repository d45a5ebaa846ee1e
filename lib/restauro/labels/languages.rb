module Restauro
  module Labels
    # Whether a text is in a language that is read at all: enough of its words are words of food in one of them. What is
    # not read is never "nothing found".
    class Languages
      WORD = /[[:alpha:]]{3,}/
      LATIN = /\p{Latin}/

      # @param words [Array<String>] everything that the reader knows
      def initialize(words, table: DataFiles.yaml("labels/languages.yml"))
        @known =
          (words + table.fetch("words").values.flatten)
            .flat_map { |word| word.downcase.scan(WORD) }
            .to_h { |word| [word, true] }
            .freeze
        @least = Float(table.fetch("least_share"))
        freeze
      end

      def read?(text)
        letters = text.scan(/[[:alpha:]]/)
        return false if letters.empty? || letters.count { |letter| LATIN.match?(letter) } < letters.length / 2.0

        words = text.downcase.scan(WORD)
        words.any? && words.count { |word| known?(word) } >= @least * words.length
      end

      private

      # "salts", "huiles": one letter more is the same word.
      def known?(word) = @known.key?(word) || @known.key?(word[0..-2]) || @known.key?("#{word}s")
    end
  end
end
