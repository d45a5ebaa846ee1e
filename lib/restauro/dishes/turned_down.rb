# frozen_string_literal: true

module Restauro
  module Dishes
    # A bake that the recipe gives in two, "220C for 15 minutes, then 180C for 45", "covered for an hour; uncover, 20
    # minutes more": a step for each.
    #   oven Kitchen::OvenTemperature that follows, nil where it stays · minutes it stays at that
    #   uncovered whether a lid or foil comes off then
    TurnedDown = Value.of(:oven, :minutes, :uncovered) do
      # @param steps [Array<Families::Step>]   @param said [Said]
      # @return [Array<Families::Step>] with the bake at the recipe's own oven and minutes in two
      def split(steps, said)
        at = steps.rindex { |step| step.kind == "bake" && own?(step, said) }
        at ? [*steps[0...at], *halves(steps[at]), *steps[(at + 1)..]] : steps
      end

      private

      # At the oven that the recipe begins with, for as long as it says in all.
      def own?(step, said) =
        said.oven && step.celsius == said.oven.celsius && (uncovered || step.celsius != oven&.celsius) &&
          step.minutes.to_f.round == said.bake_minutes.round

      def halves(step)
        first = step.minutes - minutes
        text, look = looked_after(step.text, first)
        text = text.sub(/\.\z/, ", covered.") if uncovered && !text.include?("cover")
        [step.with(text: text, minutes: first, look_for: nil, safety: [], caution: nil, hold_minutes: 0),
         step.with(text: "#{turn(step.celsius)}; bake on#{look}.", minutes: minutes,
                   celsius: oven&.celsius || step.celsius, uses: [])]
      end

      # "Uncover it, turn the oven up to 200 °C".
      def turn(celsius)
        if oven && oven.celsius != celsius
          way = "turn the oven #{oven.celsius < celsius ? "down" : "up"} to #{oven.say}"
        end
        words = [("uncover it" if uncovered), way].compact.join(", ")
        words[0].upcase + words[1..]
      end

      # Golden only after the turn: it is looked for then.   @return [Array(String, String)]
      def looked_after(text, first)
        after = text[TurnedDown::LOOK, 1].to_f
        return [text, ""] unless after > first

        [text.sub(TurnedDown::LOOK, ""), text[TurnedDown::LOOK].sub(/\d+/, (after - first).round.to_s)]
      end
    end

    TurnedDown::IN_TURN = DataFiles.words("dishes/words.yml").fetch(:in_turn)
    TurnedDown::UNCOVERS = DataFiles.words("dishes/words.yml").fetch(:uncovers)
    TurnedDown::LOOK = /: look after (\d+) min, [^.]*(?=\.)/

    class << TurnedDown
      # @param text [String] a sentence, or more, of one bake
      # @return [TurnedDown, nil] where it says how long at another oven, or without its cover
      def of(text)
        before, turn, after = text.partition(TurnedDown::IN_TURN)
        return if turn.empty? || Recipes::TimeSaid.of(before).empty?

        oven, minutes = OvenSaid.of(after.sub(/\A[\s,;]+/, "")), Recipes::TimeSaid.of(after).sum
        uncovered = "#{turn}#{after}".match?(TurnedDown::UNCOVERS)
        new(oven: oven, minutes: minutes, uncovered: uncovered) if (oven || uncovered) && minutes.positive?
      end
    end
  end
end
