# frozen_string_literal: true

module Restauro
  module Dishes
    # A bake that the recipe gives two ovens in turn, "220C for 15 minutes, then 180C for 45": a step for each.
    #   oven Kitchen::OvenTemperature that follows · minutes it stays at that
    TurnedDown = Value.of(:oven, :minutes) do
      # @param steps [Array<Families::Step>]   @param said [Said]
      # @return [Array<Families::Step>] with the bake at the recipe's own oven and minutes in two
      def split(steps, said)
        at = steps.rindex { |step| step.kind == "bake" && own?(step, said) }
        at ? [*steps[0...at], *halves(steps[at]), *steps[(at + 1)..]] : steps
      end

      private

      # At the oven that the recipe begins with, for as long as it says in all.
      def own?(step, said) =
        said.oven && step.celsius == said.oven.celsius && step.celsius != oven.celsius &&
          step.minutes.to_f.round == said.bake_minutes.round

      def halves(step)
        first = step.minutes - minutes
        way = oven.celsius < step.celsius ? "down" : "up"
        text, look = looked_after(step.text, first)
        [step.with(text: text, minutes: first, look_for: nil, safety: [], caution: nil),
         step.with(text: "Turn the oven #{way} to #{oven.say}; bake on#{look}.", minutes: minutes,
                   celsius: oven.celsius, uses: [])]
      end

      # Golden only after the turn: it is looked for then.   @return [Array(String, String)]
      def looked_after(text, first)
        after = text[TurnedDown::LOOK, 1].to_f
        return [text, ""] unless after > first

        [text.sub(TurnedDown::LOOK, ""), text[TurnedDown::LOOK].sub(/\d+/, (after - first).round.to_s)]
      end
    end

    TurnedDown::IN_TURN = DataFiles.words("dishes/words.yml").fetch(:in_turn)
    TurnedDown::LOOK = /: look after (\d+) min, [^.]*(?=\.)/

    class << TurnedDown
      # @param text [String] a sentence, or more, of one bake
      # @return [TurnedDown, nil] where it says another oven, and how long
      def of(text)
        before, turn, after = text.partition(TurnedDown::IN_TURN)
        return if turn.empty? || TimeSaid.of(before).empty?

        oven, minutes = OvenSaid.of(after), TimeSaid.of(after).sum
        new(oven: oven, minutes: minutes) if oven && minutes.positive?
      end
    end
  end
end
