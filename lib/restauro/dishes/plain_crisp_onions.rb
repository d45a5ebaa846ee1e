# frozen_string_literal: true

module Restauro
  module Dishes
    # What goes over a dough that is fried after it was boiled; and onions in rings with a spoon of flour on them, fried
    # crisp to lie on what is turned in the rest.   Needs @part, list, name and steps.
    module PlainCrispOnions
      private

      # The dough is fried in its fat then: only what is cooked besides is cooked before.
      def for_crisping?(lines) =
        name == OverDough::NAME && lines.none? { |line| line.kind == "soften" } &&
          lines.any? { |line| line.role == "fat" } && Crisped.dough?(@part.recipe, lines)

      def for_crisping(lines)
        rest = lines.reject { |line| line.role == "fat" || %w[herb late].include?(line.kind) }
        rest.any? ? steps(rest) : []
      end

      def crisp_onions?(lines) = [OverDough::NAME, Crisped::NAME].include?(name) && Crisped.onions(lines).any?

      def crisp_onions(lines)
        used = Crisped.onions(lines)
        fat, rest = used.partition { |line| line.role == "fat" }
        rings, dust = rest.partition { |line| line.role == "other" }
        others = lines - used
        tray = Crisped.baked(Recipes::Sentences.of_steps(@part.recipe.lines))
        return on_a_tray(lines, rings, tray) if name == Crisped::NAME && tray

        fry = Families::Step.new(
          kind: "brown", uses: used, minutes: Constants.fetch(:making, :brown_minutes),
          text: "Turn #{list(rings)}, in thin rings, in #{list(dust)}; shake it off, and fry them in " \
                "#{fat.any? ? list(fat) : "hot fat"}; onto paper.",
          look_for: "brown and crisp; black at the edge is bitter"
        )
        [fry, *(steps(others) if others.any?)]
      end

      # As hot and as long as the step says.
      def on_a_tray(lines, rings, told)
        oven = OvenSaid.of(told)
        [
          Families::Step.new(kind: "preheat", text: "Heat the oven to #{oven.say}.", celsius: oven.celsius,
                             minutes: Constants.fetch(:crust, :preheat_minutes)),
          Families::Step.new(
            kind: "bake", uses: lines, celsius: oven.celsius, attended: false,
            minutes: Recipes::TimeSaid.of(told).first || Constants.fetch(:making, :brown_minutes),
            text: "Turn #{list(rings)}, in thin rings, in #{list(lines - rings)}; spread them on an oiled tray; bake " \
                  "at #{oven.say}, turned now and then.",
            look_for: "brown and crisp; black at the edge is bitter"
          )
        ]
      end
    end
  end
end
