# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # The steps of an emulsion: with melted butter over warm water, with oil cold (common practice).
      class EmulsionSteps
        # @param lines [Lines]
        def initialize(lines)
          @lines = lines
          freeze
        end

        # @return [Array<Step>]
        def steps = [*reduced, *(hot? ? [melted, warmed] : [whisked]), poured, *last, keep]

        private

        def hot? = @lines.fats.any? { |line| %w[butter plant_butter ghee].include?(line.ingredient) }
        def wet = [*@lines.liquids, *@lines.wines, *@lines.of("acid")].uniq
        def list(lines) = @lines.list(lines)
        def figure(name) = Constants.fetch(:making, name)

        # Shallots give their taste to the vinegar.
        def reduced
          soft = @lines.companions.at("soften")
          return [] if soft.empty?

          [Step.new(kind: "reduce", text: "Boil #{list(soft)} in #{list(wet)} down to half; strain it and let it cool.",
                    uses: [*soft, *wet], minutes: figure(:back_minutes), look_for: "a spoonful or two is left")]
        end

        def melted
          Step.new(kind: "simmer", text: "Melt #{list(@lines.fats)}; let it cool until a finger bears it.",
                   uses: @lines.fats, minutes: figure(:melt_minutes), look_for: "clear above, white below")
        end

        def warmed
          Step.new(kind: "simmer", minutes: figure(:yolks_warm_minutes), uses: [*@lines.eggs, *wet],
                   text: "Over water that hardly steams, whisk #{list([*@lines.eggs, *wet])} all the time.",
                   look_for: "pale and thick: the whisk leaves a track; grains mean too hot", safety: ["raw_egg"])
        end

        def whisked
          Step.new(kind: "mix", text: "All of it at the room's warmth: whisk #{list([*@lines.eggs, *wet])}.",
                   uses: [*@lines.eggs, *wet], look_for: "smooth and a little pale", safety: ["raw_egg"])
        end

        def poured
          Step.new(kind: "finish", uses: @lines.fats,
                   text: "#{"Off the heat: " if hot?}#{list(@lines.fats)} in, by drops at first, then in a thread.",
                   look_for: "glossy and thick; it splits: a spoon of cold water, or begin anew with a yolk")
        end

        def last
          rest = [*@lines.companions.at("finish"), *@lines.of("seasoning")]
          return [] if rest.empty?

          [Step.new(kind: "finish", text: "Stir in #{list(rest)}.", uses: rest)]
        end

        def keep = Step.new(kind: "store", text: "It does not keep: eat it the same hour.", safety: ["raw_egg"])
      end
    end
  end
end
