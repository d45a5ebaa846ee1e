# frozen_string_literal: true

module Restauro
  # Words as they are typed where a keyboard has no accents: "creme fraiche", "Moehren" and "Mohren", "maka".
  module BareLetters
    WITH = "àáâãäåąçćčèéêëęěìíîïıłñńňòóôõöøőśšșțùúûüůýźżžð"
    WITHOUT = "aaaaaaaccceeeeeeiiiiilnnnooooooossstuuuuuyzzzd"
    IN_TWO = {"ä" => "ae", "ö" => "oe", "ü" => "ue", "ø" => "oe", "å" => "aa", "æ" => "ae", "œ" => "oe",
              "ß" => "ss"}.freeze
    TWO = Regexp.union(IN_TWO.keys)
    # Shorter ones, and some that are words of their own, are left alone.
    LEAST = 4
    OTHER_WORDS = DataFiles.yaml("other_words_bare.yml").freeze
    ACCENTS = [WITH, WITH.upcase, *IN_TWO.keys].join.freeze
    ACCENTED = /[#{ACCENTS}]/
    # What a pattern has in brackets; an umlaut that it has bare already; a word with an accent in it.
    LETTERS = /\[[^\]]*\]|\(\?:(?:[äöüø]\|[aou]e?|[aou]\|[äöüø])\)|(?<!\\)[a-zA-Z]*[#{ACCENTS}]\p{L}*/
    private_constant :WITH, :WITHOUT, :IN_TWO, :TWO, :LEAST, :OTHER_WORDS, :LETTERS, :ACCENTS, :ACCENTED

    module_function

    # @param named [Hash{String => Object}] by name, in small letters
    # @return [Hash] with each name's bare spellings beside it, where they are no name already
    def beside(named)
      named.each_with_object(named.dup) do |(name, thing), all|
        next if name.ascii_only?

        spellings(name).each { |bare| all[bare] ||= thing if bare.length >= LEAST && !OTHER_WORDS.include?(bare) }
      end
    end

    # @param name [String]   @return [Array<String>] "möhre" as "mohre" and "moehre"
    def spellings(name)
      return [name.tr(WITH, WITHOUT)] - [name] unless name.match?(TWO)

      [name.gsub(/[æœß]/, IN_TWO).tr(WITH, WITHOUT), name.gsub(TWO, IN_TWO).tr(WITH, WITHOUT)].uniq - [name]
    end

    # @param words [String] a pattern   @return [String] one that takes its longer words without their accents too
    def pattern(words)
      words.gsub(LETTERS) do |letters|
        next letters if letters.start_with?("[") || letters.length < LEAST
        next letters.sub(/([aou])e?/, '\1e?') if letters.start_with?("(")
        next letters if spellings(letters.downcase).intersect?(OTHER_WORDS)

        each_letter(letters)
      end
    end

    # @param words [String] part of a pattern   @return [String] with every letter bare too, however short a word
    def each_letter(words) = words.gsub(ACCENTED) { |one| "(?:#{[one, *spellings(one.downcase)].join("|")})" }
  end
end
