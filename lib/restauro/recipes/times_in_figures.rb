# frozen_string_literal: true

module Restauro
  module Recipes
    # Times that are told in words, in figures: "fry for four to five minutes", "vingt minutes", "around 20 minutes".
    module TimesInFigures
      # One and up: "a minute" is said in other ways too.
      ENGLISH = Numbers::WORDS.select { |word, value| value >= 1 && !%w[a an dozen].include?(word) }.freeze
      WORDS = ENGLISH.merge(NumberWords::VALUES).transform_values(&:to_i).freeze
      WORD = /#{Numbers::TENS_AND_ONES}|\b(?:#{WORDS.keys.sort_by { |word| -word.length }.join("|")})\b/i
      UP_TO = /-|–|to|or|bis|oder|à|ou|o|a|of|tot|till|eller|til|do|lub/
      UNIT = /(?:#{TimeSaid::HOUR}|#{TimeSaid::MINUTE}|seconds)\b/i
      TOLD = /(#{WORD})(?=(?:\s*#{UP_TO}\s*(?:#{WORD}|\d+))?[\s-]+(?:more\s+)?#{UNIT})/i
      NEARLY = /\b(?:around|approximately|approx\.?|roughly)\s+(?=[\d½¼¾]+(?:\s*#{UP_TO}\s*\d+)?[\s-]*#{UNIT})/i
      private_constant :ENGLISH, :WORDS, :WORD, :UP_TO, :UNIT, :TOLD, :NEARLY

      module_function

      # @param text [String] a line   @return [String] with its times in figures, about so long as "about"
      def of(text) = text.gsub(TOLD) { |said| number(said) }.gsub(NEARLY, "about ")

      # @param said [String] a number in words   @return [String] in figures
      def number(said) = (WORDS[said.downcase] || Numbers.value(said).to_i).to_s
    end
  end
end
