# frozen_string_literal: true

module Restauro
  module Dishes
    # A meringue, and sauces of boiled sugar.   Needs @catalogue, name and list.
    module PlainSweets
      SWEET, CITRUS, COMPOTE = DataFiles.words("dishes/words.yml").values_at(:sweet_sauce, :citrus, :compote)
      private_constant :SWEET, :CITRUS, :COMPOTE

      private

      def meringue?(lines)
        lines.any? { |line| line.ingredient == "egg_white" } && lines.any? { |line| sugar?(line) } &&
          lines.none? { |line| line.role == "liquid" }
      end

      def sugar?(line) = line.ingredient && @catalogue.find_key(line.ingredient)&.group == "sugar"

      # Whites first, then the sugar (common practice).
      def meringue(lines)
        sugar, rest = lines.partition { |line| sugar?(line) }
        [
          Families::Step.new(
            kind: "mix",
            text:
              "#{name}: in a bowl without a trace of fat, whisk #{list(rest)} until they stand in soft peaks; " \
                "then #{list(sugar)}, a spoonful at a time.",
            uses: lines,
            safety: ["egg_dish"],
            look_for: "stiff and shiny; no grains between two fingers"
          )
        ]
      end

      # Fruit in its own juice, by its name; a spoon of starch binds that.
      def stewed?(lines) =
        name.match?(COMPOTE) && lines.any? { |line| @catalogue.find_key(line.ingredient)&.group == "fruit" } &&
          lines.none? { |line| %w[egg cheese crumb].include?(line.role) }

      def stewed(lines)
        starch, rest = lines.partition { |line| %w[starch thickener flour].include?(line.role) }
        binds = "; then #{list(starch)}, smooth in a spoon of cold water, until it boils and clears" if starch.any?
        [
          Families::Step.new(
            kind: "simmer", uses: lines, minutes: Constants.fetch(:making, :syrup_minutes), safety: ["hot_filling"],
            text: "#{name}: #{list(rest)} into a pan, medium, lid on, until the juice runs and boils#{binds}.",
            look_for: "the fruit soft, still in pieces; it thickens as it cools"
          )
        ]
      end

      # Sugar boiled with butter, cream or juice: a syrup that nothing thickens.
      # Mayonnaise and yogurt curdle in it: those are stirred.
      def sweet?(lines) =
        name.match?(SWEET) && lines.any? { |line| sugar?(line) } && lines.length > 1 && lines.none? do |line|
          PlainSauces::RAW.include?(line.kind) || %w[egg cheese crumb].include?(line.role) ||
            line.text.match?(PlainSauces::UNBOILED)
        end

      def sweet(lines)
        return [icing(lines)] if icing?(lines)

        first, rest = lines.partition { |line| sugar?(line) || line.role == "fat" }
        strong, poured = rest.partition { |line| spirits?(line) }
        words = [
          "let #{list(first)} melt on medium",
          ("add #{Families::Companions.list(poured.map { |line| squeezed(line) })}" if poured.any?),
          "bubble, stirring now and then",
          ("#{list(strong)} for the last minute" if strong.any?)
        ].compact
        [
          Families::Step.new(
            kind: "simmer",
            text: "#{name}: #{words.join("; ")}.",
            uses: lines,
            minutes: Constants.fetch(:making, :syrup_minutes),
            look_for: "large slow bubbles, coats a spoon; it thickens as it cools",
            safety: ["hot_filling"]
          )
        ]
      end

      def icing?(lines)
        sugar, rest = lines.partition { |line| sugar?(line) }
        sugar.any? { |line| line.ingredient == "icing_sugar" } &&
          weighed(rest.select { |line| line.role == "liquid" }) < weighed(sugar)
      end

      def weighed(lines) = lines.sum { |line| line.grams&.value.to_f }

      # Milled sugar is smooth without heat.
      def icing(lines)
        sugar, rest = lines.partition { |line| sugar?(line) }
        Families::Step.new(
          kind: "mix",
          text: "#{name}: stir #{list(rest)} into #{list(sugar)}, by the teaspoon, until it runs off a spoon.",
          uses: lines, look_for: "a ribbon that lies for a few seconds; it sets as it dries"
        )
      end

      def spirits?(line) =
        @catalogue.find_key(line.ingredient)&.alcohol_pct.to_f >= Constants.fetch(:making, :spirit_pct)
      # Of a whole lemon or orange.
      def squeezed(line)
        whole = line.kind == "table" && line.text.match?(CITRUS)
        return "the juice and zest of #{[line.amount_text, line.name_text].compact.join(" ")}" if whole

        Families::Companions.say(line, @catalogue)
      end
    end
  end
end
