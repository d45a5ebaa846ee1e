# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # The steps of a batter, in order: mixed, rested, judged, cooked by its style, kept.
      class Method
        include Beforehand
        include Resting

        STICKS = DataFiles.words("recipes/words.yml").fetch(:on_sticks)
        ICED = DataFiles.words("families/batter/words.yml").fetch(:iced)
        private_constant :STICKS, :ICED

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          @lines = Lines.new(swap, catalogue)
          @notes = DataFiles.yaml("families/batter/flours.yml")
          freeze
        end

        # @return [Array<Step>]
        def steps
          return patties if @ours.style == "patty"

          [clean, temper, soaked, *@lines.early_steps, *foam, *squeezed, dry, wet, fold, rest, whites, judge, *cook,
           *serve, keep]
            .compact
        end

        private

        def patties
          made = Patties.new(@swap, @lines, @catalogue)
          [clean, *made.early, *made.steps, *cook, *serve, keep].compact
        end

        def list(lines) = Companions.named(lines, @catalogue)
        def note(key) = @notes.fetch(key, @notes["default"])
        def main_flour = @swap.flours.max_by { |line| line.grams&.value.to_f }&.ingredient
        def pudding? = @ours.style == "pudding"
        # Carried by bubbles that are spent in five minutes, or by its cold: both want it used at once.
        def sparkling? = @swap.liquid && %w[soda_water gf_beer].include?(@swap.liquid.ingredient)
        def iced? =
          @swap.liquid&.ingredient == "water" && @swap.wheat.recipe.lines.any? { |line| line.text.match?(ICED) }

        def clean =
          Step.new(kind: "set_out", text: "Set out a clean bowl, whisk and board, and the packs.",
                   safety: ["coeliac_bowl"])

        def dry
          lines = @lines.dry
          return if lines.empty?

          return Step.new(kind: "mix", text: "Weigh out #{list(lines)}; rub out any lumps.", uses: lines) if lines.one?

          Step.new(kind: "mix", text: "Whisk #{list(lines)} together dry.", uses: lines,
                   look_for: ("no lumps of raising agent" if lines.any? { |line| line.role == "lift" }),
                   safety: @lines.gum? ? ["gum"] : [])
        end

        def wet
          how = pudding? ? "do not care for lumps: they bake out" : note(main_flour)["lumps"]
          feel = by_feel
          apart, others = @lines.wet.partition { |line| Recipes::PartedEggs.line?(line) }
          liquid = feel && "#{feel.first.round} g #{@catalogue.fetch(@swap.liquid.ingredient).say}"
          poured = [*("the yolks of #{list(apart)}" if apart.any?), *others.map { |line| list([line]) },
                    *(feel && "#{liquid}#{", ice cold" if sparkling? || iced?}")]
          return unwetted if poured.empty?

          more = " Then up to #{feel.last.round} g more by feel." if feel
          Step.new(kind: "mix", text: "Add #{Companions.list(poured)}: #{how}.#{more}",
                   uses: [*apart, *others, @swap.liquid], look_for: @ours.rung&.says, safety: [raw])
        end

        def unwetted =
          Step.new(kind: "mix", text: "No liquid is listed: water by the spoon, a little at a time.", safety: [raw],
                   look_for: "it clings to what goes in, and drops from the spoon in lumps")

        # Eggs that are parted: their whites go in last, whipped.
        def whites
          apart = @lines.wet.select { |line| Recipes::PartedEggs.line?(line) }
          return if apart.empty?

          Step.new(kind: "mix", text: "Whip the whites to soft peaks; fold them in by thirds.",
                   minutes: Constants.fetch(:making, :whites_minutes),
                   uses: apart, look_for: "no streaks of white, still full of air", hold_minutes: 5)
        end

        def by_feel = @swap.liquid && @swap.poured
        def raw = @swap.flours.any? { |line| line.ingredient == "chickpea_flour" } ? "raw_chickpea" : "raw_flour"

        # What goes in, not on: sweetcorn in a fritter, cheese in a muffin.
        def fold
          lines = @lines.folded
          return if lines.empty?

          Step.new(kind: "mix", text: "Fold in #{list(lines)}, briefly.", uses: lines,
                   look_for: "just mixed: stirring loses the gas")
        end

        def judge
          return unless @ours.style == "coating" && @lines.folded.empty?

          Step.new(kind: "mix", text: "Dip one piece, lift, let it drip ten seconds.", look_for: coat_look)
        end

        def coat_look = "a film#{" of #{(1000 * @ours.coat_m).round(1)} mm" if @ours.coat_m} that stays; it slides " \
                        "off a wet piece"

        def cook =
          Cooking.new(@ours, @lines, @catalogue, sticks: sticks?,
                                                 fried_first: OnATray.fried_first?(@swap.wheat.recipe)).steps
        def sticks? = @lines.coated.any? && @swap.wheat.recipe.steps.any? { |line| line.text.match?(STICKS) }

        def serve
          table = @lines.table
          safe = @lines.companions.safety(table)
          table.empty? ? [] : [Step.new(kind: "serve", text: "Serve with #{list(table)}.", uses: table, safety: safe)]
        end

        def keep =
          Step.new(kind: "store", text: "What batter is left: covered and cold.", safety: %w[raw_batter leftovers])
      end
    end
  end
end
