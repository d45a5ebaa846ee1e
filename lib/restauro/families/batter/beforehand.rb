module Restauro
  module Families
    class Batter
      # What is done before a batter is mixed: what is cold warms up, yeast is woken, what is grated is wrung out.
      #   Needs @lines, @catalogue, list and pudding?.
      module Beforehand
        private

        # Milk that the pieces lie in before.
        def soaked
          bath = @ours.recipe.ingredients.find { |line| line.kind == Recipes::LiesIn::KIND } or return
          most = Constants.fetch(:making, :soak_minutes)
          minutes = Recipes::LiesIn.minutes(bath, @swap.wheat.recipe) || most
          raw = @lines.companions.safety(@lines.coated).any? ? ["raw_meat"] : []
          cold = ", in the fridge" if minutes >= most || raw.any?
          Step.new(kind: "rest", minutes: minutes, uses: [*@lines.coated, bath], safety: raw,
                   text: "Lay #{list(@lines.coated)} in #{list([bath])}#{cold}; lift out, drain and dry well.",
                   look_for: "dry outside: batter slides off a wet piece")
        end

        def temper
          cold = @lines.cold
          return unless pudding? && cold.any?

          names = Companions.list(cold.map { |line| @catalogue.fetch(line.ingredient).say }.uniq)
          Step.new(kind: "rest", text: "Let #{names} come to room temperature.",
                   minutes: Constants.fetch(:batter, :temper_minutes), safety: ["room"])
        end

        # Yeast is woken in the liquid, warm.
        def foam
          yeast = @lines.yeast
          return [] if yeast.empty?

          [Step.new(kind: "rest", text: "Stir #{list(yeast)} into a little of the liquid, lukewarm.", uses: yeast,
                    minutes: Constants.fetch(:batter, :foam_minutes), look_for: "froth on top")]
        end

        # Raw roots and courgettes, grated, are wrung out first.
        def squeezed
          lines = @lines.squeezed
          return [] if lines.empty?

          grated = lines.any? { |line| line.text.match?(Style::CUT_SMALL) }
          [Step.new(kind: "rest", uses: lines, minutes: Constants.fetch(:batter, :squeeze_minutes),
                    text: "#{grated ? "Salt" : "Grate and salt"} #{list(lines)}; let it stand; wring it in a cloth.",
                    look_for: "no more drips: what stays in thins the batter")]
        end
      end
    end
  end
end
