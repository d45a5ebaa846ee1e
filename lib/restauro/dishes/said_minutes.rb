# frozen_string_literal: true

module Restauro
  module Dishes
    # How long a sentence says, and of what.   Needs first_in, oven, blind and degrees_alone?.
    module SaidMinutes
      BAKES, BLIND, BATTER_IN, COOKS, BAKED_VERB =
        DataFiles.words("dishes/words.yml").values_at(:bakes, :blind, :batter_in, :cooks_for, :baked_verb)
      private_constant :BAKES, :BLIND, :BATTER_IN, :COOKS, :BAKED_VERB

      private

      # Of a batter from when it is poured in, of a filled crust behind what is said of the empty one.
      # @param baking [Array<String>] see filled_first   @return [Array(Float, String), nil]
      def bake_minutes(sentences, baking)
        (minutes(behind_the_batter(sentences), COOKS) if oven(baking)) ||
          minutes(baking - blind(sentences), BAKES) || minutes(behind_the_blind(sentences), COOKS) ||
          minutes(baking, BAKES)
      end

      # "Cuire à blanc 10 min. Garnir, cuire 35 min."   @return [Array<String>]
      def behind_the_blind(sentences)
        at = sentences.rindex { |text| text.match?(BLIND) }
        at ? sentences.drop(at + 1) : []
      end

      # "Heat the fat for 10 minutes, pour in the batter, cook for 25."   @return [Array<String>]
      def behind_the_batter(sentences)
        at = sentences.index { |text| text.match?(BATTER_IN) } or return []
        [sentences[at].split(BATTER_IN, 2).last, *sentences.drop(at + 1)]
      end

      # What stands behind the verb, where a time does: "boil for 2 minutes, then roast for 40".
      def times(text, words)
        behind = words == BAKES && !text.match?(TurnedDown::IN_TURN) && text.match(BAKED_VERB)&.post_match
        found = behind ? Recipes::TimeSaid.of(behind) : []
        found.any? ? found : Recipes::TimeSaid.of(text)
      end

      # The first time that is said with such words, or beside degrees.
      def minutes(texts, words)
        first_in(
          texts.select do |text|
            text.match?(words) || (words == BAKES && degrees_alone?(text))
          end
        ) do |text|
          found = times(text, words)
          (words == BAKES && text.match?(TurnedDown::IN_TURN) ? found.sum : found.first) if found.any?
        end
      end
    end
  end
end
