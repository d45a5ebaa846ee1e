# frozen_string_literal: true

module Restauro
  module Dishes
    # Parts without flour that are told by their name or by what is in them: chips, a meringue, mash, crumbs.
    #   Needs @part, @coats, @catalogue, name and list.
    module PlainKinds
      private

      def chips?(_lines) = name == "Chips"
      # Ahead of whatever has crumbs or batter on it, while the oil is clean.
      def chips(lines)
        [
          Families::Step.new(
            kind: "fry",
            uses: lines,
            look_for: "soft, still pale; hot and golden the second time",
            text:
              "Chips: #{list(lines)} in sticks, rinsed and dried well; fry them until soft, lift them out, and again, hotter, " \
                "at the end. Or on an oiled tray in a hot oven.",
            safety: ["hot_oil"]
          )
        ]
      end

      # They go in when the dish is put together.
      def cracked?(lines) = CrackedEggs.alone?(lines)
      def cracked(_lines) = []

      def mash?(lines) =
        root(lines) &&
          (name.match?(/\bmash/i) || lines.any? { |line| line.text.match?(/\bmash/i) } || @part.place == :top)
      def root(lines) =
        lines.find { |line| Families::Dough::Contents.raw?(line.ingredient) }

      # Potatoes boiled, dried and mashed with the rest.
      def mash(lines)
        roots, rest = lines.partition { |line| line.equal?(root(lines)) }
        [
          Families::Companions.boil_roots(roots, @catalogue),
          Families::Step.new(
            kind: "mix",
            text: "#{name}: mash them#{" with #{list(rest)}" if rest.any?}.",
            uses: rest,
            look_for: "smooth, and stiff enough to spread"
          )
        ]
      end

      def bound?(lines) = Bound.by_crumbs?(lines, @part.recipe.title)
      # Minced meat with crumbs in it: mixed, shaped by hand, cooked all through (common practice).
      def bound(lines)
        fat, mixed = lines.partition { |line| line.role == "fat" }
        return loaf(lines) if @part.recipe.title.to_s.match?(Bound::LOAF)

        [
          Families::Step.new(
            kind: "mix",
            text: "#{name}: by hand, and no longer than it takes: #{list(mixed)}.",
            uses: mixed,
            look_for: "no pocket of crumbs; it holds when squeezed",
            safety: ["raw_meat"]
          ),
          Families::Step.new(kind: "shape", text: "With wet hands, #{bound_shape}.", look_for: "smooth, no cracks"),
          Families::Step.new(
            kind: "brown",
            text: "Brown them on every side#{" in #{list(fat)}" if fat.any?}; lid on and low until they are done.",
            uses: fat,
            minutes: Constants.fetch(:making, :meatball_minutes),
            look_for: "no pink in the middle of the largest",
            safety: Families::Companions.new(lines, @catalogue).safety(lines)
          )
        ]
      end

      # One loaf, done in its middle.
      def loaf(lines)
        oven = Kitchen::OvenTemperature.new(celsius: Constants.fetch(:making, :loaf_celsius))
        [
          Families::Step.new(kind: "mix", text: "#{name}: by hand, and no longer than it takes: #{list(lines)}.",
                             uses: lines, look_for: "no pocket of crumbs", safety: ["raw_meat"]),
          Families::Step.new(kind: "shape", text: "Press it into a loaf tin, or shape a loaf on a lined tray.",
                             look_for: "smooth, no cracks"),
          Families::Step.new(kind: "bake", text: "Bake it at #{oven.say}.", celsius: oven.celsius,
                             minutes: Constants.fetch(:making, :loaf_minutes),
                             look_for: "no pink in the middle, its juice clear",
                             safety: Families::Companions.new(lines, @catalogue).safety(lines))
        ]
      end

      def bound_shape =
        @part.recipe.title.to_s.match?(Bound::FLAT) ? "flat cakes a finger thick" : "balls the size of a walnut"

      def crumbs?(lines) = @part.place == :top && lines.any? { |line| line.role == "crumb" }

      def crumbs(lines)
        return rolled_in(lines) if @coats

        early = Families::Companions.new(lines.select { |line| line.role == "other" }, @catalogue).early_steps
        fat, others = lines.partition { |line| line.role == "fat" }
        words = fat.any? ? "stir #{list(others)} into #{list(fat)}, melted" : "have ready #{list(others)}"
        [
          *early,
          Families::Step.new(
            kind: "mix",
            text: "Crumbs: #{words}.",
            uses: lines,
            look_for: fat.any? ? "every crumb damp" : nil
          )
        ]
      end

      # Around what comes out of a batter.
      def rolled_in(lines)
        [
          Families::Step.new(
            kind: "mix",
            text: "Crumbs: #{list(lines)} in a wide dish: each piece drips, then rolls in them before it is fried.",
            uses: lines,
            look_for: "no batter to be seen; wet crumbs out of the dish"
          )
        ]
      end
    end
  end
end
