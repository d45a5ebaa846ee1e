# frozen_string_literal: true

module Restauro
  module Dishes
    # What is poured into the pan that floured pieces were fried in: boiled down, butter last; and broth by itself.
    #   Needs @part, name and list.
    module PlainPanSauce
      BUTTER_AT_LAST = DataFiles.words("dishes/words.yml").fetch(:butter_at_last)
      private_constant :BUTTER_AT_LAST

      private

      # What dumplings are served in.
      def broth?(lines) =
        lines.any? { |line| line.ingredient == "stock" } &&
          lines.all? { |line| line.ingredient == "stock" || line.role == "seasoning" || line.kind == "herb" }

      def broth(lines) =
        [Families::Step.new(kind: "boil", text: "#{name}: bring #{list(lines)} to the boil; lid on, it stays hot.",
                            uses: lines, attended: false, hold_minutes: 60, safety: ["hot_hold"])]

      def pan_sauce?(_lines) = Dredged.pan_sauce?(name)

      def pan_sauce(lines)
        liquids, rest = lines.partition { |line| line.role == "liquid" && line.ingredient != "lemon_juice" }
        companions = Families::Companions.new(rest.select { |line| line.role == "other" }, @catalogue)
        fats = butter_at_last? ? [] : rest.select { |line| line.role == "fat" }
        early = companions.early_steps(fats)
        done = early.flat_map(&:uses)
        beside = companions.at("table")
        last = rest.reject { |line| (done + beside).any? { |used| used.equal?(line) } }
        [*early, (poured(liquids) if liquids.any?), (finished(last) if last.any?), back(beside)].compact
      end

      def butter_at_last? = @part.recipe.lines.any? { |line| line.words? && line.text.match?(BUTTER_AT_LAST) }

      def poured(liquids)
        Families::Step.new(kind: "reduce", uses: liquids, minutes: Constants.fetch(:making, :pan_sauce_minutes),
                           text: "Into the pan the pieces left, its fat poured off: #{list(liquids)}; scrape up what " \
                                 "sticks and boil it down.",
                           look_for: "half of it left, a spoon leaves a track")
      end

      # Butter makes it thick where it does not boil any more.
      def finished(last)
        butter, others = last.partition { |line| line.role == "fat" }
        whisk = "whisk in #{list(butter)} by lumps" if butter.any?
        stir = "stir in #{list(others)}" if others.any?
        Families::Step.new(kind: "finish", uses: last, look_for: ("glossy, not oily" if butter.any?),
                           text: "Off the heat, #{[whisk, stir].compact.join("; ")}.")
      end

      def back(beside)
        Families::Step.new(kind: "serve", minutes: Constants.fetch(:making, :pan_sauce_turn_minutes), uses: beside,
                           text: "Turn the pieces in it, and serve them at once" \
                                 "#{", with #{list(beside)} beside them" if beside.any?}.",
                           look_for: "the flour on them thickens it a little")
      end
    end
  end
end
