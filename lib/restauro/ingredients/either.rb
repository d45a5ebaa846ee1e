# frozen_string_literal: true

module Restauro
  # "Beef or vegetable stock" is beef stock or vegetable stock: the word that both share stands behind the second alone.
  module Either
    SHARED = DataFiles.words("ingredients/words.yml").fetch(:shared_by_two)
    # "Weiß- oder Rotwein".
    CUT_OFF = /\p{L}+-\s+(?:oder|eller|of)\s+/i
    private_constant :SHARED, :CUT_OFF

    # @param phrase [String]   @yield [String] what stands first
    # @yieldreturn [Boolean] whether it is a thing by itself
    # @return [String] the first of the two in full; the phrase as it is where there are no two
    def self.first_of(phrase)
      match = SHARED.match(phrase)
      return phrase.sub(CUT_OFF, "") if match.nil? || yield(match[:first])

      "#{match.pre_match}#{match[:first]} #{match[:head]}#{match.post_match}"
    end
  end
end
