# frozen_string_literal: true

module Restauro
  module Dishes
    # How long an empty crust is baked as a recipe says it: under its weights and without them, or in all.
    module BlindSaid
      BLIND, BARE, FILLS = DataFiles.words("dishes/words.yml").values_at(:blind, :without_weights, :then_filled)
      # "15+10 minutes".
      PLUS = /(\d+)\s*\+\s*(?=\d+\s*min)/
      # Sentences behind it in which the weights may come out.
      AHEAD = 2
      private_constant :BLIND, :BARE, :FILLS, :PLUS, :AHEAD

      module_function

      # @param sentences [Array<String>]   @return [Array(Array<Float>, String), nil] min, and where that was read
      def of(sentences)
        at = sentences.index { |text| text.match?(BLIND) && times(text).any? } or return
        found = times(sentences[at]).first(sentences[at].match?(BARE) || sentences[at].match?(PLUS) ? 2 : 1)
        bare = sentences[at + 1, AHEAD].find { |text| text.match?(BARE) && times(text).any? } if found.one?
        [[*found, *(times(bare).first if bare)], sentences[at]]
      end

      # Not what is said of it when it is filled.
      def times(text) = Recipes::TimeSaid.of(text.split(FILLS).first.to_s.gsub(PLUS, '\1 min, '))
    end
  end
end
