# frozen_string_literal: true

module Restauro
  module Recipes
    # What a word may have been that was badly scanned or slipped off the keys: "fIour", "buttter".
    class DidYouMean
      WORD = /[[:alpha:]][[:alnum:]'’-]{3,}/
      MOST_WORDS = 4
      # What a scanner takes for another letter.
      SCANNED = {"I" => "l", "1" => "l", "0" => "o", "5" => "s", "rn" => "m", "vv" => "w", "cl" => "d"}.freeze

      # @param names [Array<String>] what is known, in small letters
      def initialize(names)
        @names = names
        # Made when the first word is asked about: most recipes have none.
        @made = {}
        freeze
      end

      # @param name [String] of a line that was not understood   @return [String, nil] the word that it was taken for
      def word(name)
        words = name.scan(WORD)
        return if words.length > MOST_WORDS

        words
          .reject { |word| known.key?(word.downcase) }
          .lazy
          .filter_map { |word| scanned(word) || plainest(checker.correct(word.downcase)) }
          .first
      end

      private

      def known =
        @made[:known] ||= @names
          .flat_map { |name| name.split(/[\s-]+/) }
          .select { |word| word.length > 3 }
          .to_h { |word| [word, true] }

      def checker
        require "did_you_mean"
        @made[:checker] ||= ::DidYouMean::SpellChecker.new(dictionary: known.keys)
      end

      # Of two words as near, the one without signs of another language.
      def plainest(found) = found.find(&:ascii_only?) || found.first

      def scanned(word)
        SCANNED
          .lazy
          .map { |seen, meant| word.gsub(seen, meant).downcase }
          .find { |guess| guess != word.downcase && known.key?(guess) }
      end
    end
  end
end
