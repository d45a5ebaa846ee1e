# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # What goes inside a filled piece: cooked where it is raw, mixed, weighed out.
      class FillingSteps
        BAKED = /\A(?:roast|bake)\b/i
        private_constant :BAKED

        def initialize(swap, catalogue, lines)
          @ours = swap.ours
          @catalogue = catalogue
          @lines = lines.filling
          @companions = Companions.new(@lines.select { |line| line.role == "other" } - raw_roots, catalogue)
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [] unless @ours.filled? || @lines.any?

          fats = @lines.select { |line| line.role == "fat" }
          [*boiled, *cooked.early_steps(fats), *drained, mixed].compact
        end

        private

        # All of it; beside raw meat only what a step softens.
        def cooked =
          raw? ? Companions.new(@companions.lines.select(&:fried_for), @catalogue) : @companions

        def raw? = @ours.options.raw_filling

        # Beside minced meat cabbage goes in raw, cut fine; leaves never do.
        def drained
          leaves = @lines.select { |line| line.kind == "wilt" }
          (meaty? ? Companions.new(leaves, @catalogue) : @companions).drained_steps
        end

        def meaty? = @lines.any? { |line| %w[ground_meat ground_poultry fish].include?(line.kind) }

        # As a dough of the same root has it: squash out of the oven is drier than out of the pot.
        def boiled
          roots, pot = raw_roots.partition { |line| baked(line) }
          [*roots.map { |line| baked(line) }, (Companions.boil_roots(pot, @catalogue) if pot.any?)].compact
        end

        # @return [Step, nil] for what is not boiled
        def baked(line)
          row = Contents.roots.fetch(Contents.mash(line.ingredient))
          return unless row["cook"].match?(BAKED)

          Step.new(kind: "boil", minutes: Float(row["minutes"]), uses: [line], hold_minutes: 1440, attended: false,
                   text: "#{row["cook"]}: #{Companions.named([line], @catalogue)}; spread it out to steam off.",
                   look_for: "soft right through; dry when it is stirred in a hot pan")
        end

        # Not yet mashed, raw or roasted.
        def roots = @lines.select { |line| Contents.raw?(line.ingredient) }
        def raw_roots = roots.reject { |line| line.text.match?(Companions::READY) }

        def mixed
          says = roots.map { |line| @catalogue.fetch(line.ingredient).say }
          mash = ", the #{Companions.list(says)} mashed" if roots.any?
          named = @lines.any? ? ": #{Companions.named(@lines, @catalogue)}" : ""
          each =
            (
              if @ours.filling_each_g
                " #{Recipes::WeighedLine.tenths(@ours.filling_each_g.round(1))} g for each piece#{all}."
              else
                ""
              end
            )
          return whole if @ours.options.shape == "round"

          Step.new(
            kind: "mix",
            text: "Mix the filling#{named}#{mash}; #{raw? ? "raw" : "well drained"} and cold.#{each}",
            uses: @lines,
            look_for: raw? ? "sticky: it holds together" : "no liquid in the bowl",
            hold_minutes: raw? ? 120 : 1440,
            caution: "Keep it cold until it goes in.",
            safety: [*@companions.safety(@companions.lines), *("raw_meat" if raw?)]
          )
        end

        # Fruit, one for each: nothing to mix.
        def whole
          return if @lines.empty?

          fruit = Companions.named(@lines, @catalogue)
          Step.new(kind: "mix", uses: @lines, look_for: "dry outside: what is wet lets go of the dough",
                   text: "Have #{fruit} ready, stoned, washed and dried.")
        end

        def all = @ours.filling_g.positive? ? ", #{@ours.filling_g.round} g in all" : ""
      end
    end
  end
end
