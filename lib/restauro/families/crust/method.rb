module Restauro
  module Families
    class Crust
      # The steps of a crust, in order: board, dough or sheet, filling, heat, keeping.
      class Method
        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps =
          [
            clean,
            *crust,
            *([heat.set_base] if @ours.unbaked?),
            *(FillingSteps.new(@swap, @catalogue).steps unless @ours.griddled?),
            *heat.steps,
            *serve,
            keep
          ]

        private

        def heat
          return SteamSteps.new(@ours) if @ours.steamed?
          return GriddleSteps.new(@ours, @catalogue) if @ours.griddled?

          @ours.frying ? FrySteps.new(@ours, @catalogue) : HeatSteps.new(@swap, @catalogue)
        end

        def crust =
          @ours.style.sheet? ? SheetSteps.new(@swap, @catalogue).steps : DoughSteps.new(@swap, @catalogue).steps
        def clean =
          Step.new(kind: "set_out", safety: ["coeliac_tin"],
                   text: "Set out a clean board, pin, #{vessel} and the packs.")
        def vessel
          return @ours.rolled_up? ? "pot" : "basin" if @ours.steamed?

          @ours.griddled? ? "pan" : "tin"
        end

        def serve
          fried_in = @ours.frying ? FrySteps.fat(@ours.recipe) : []
          fried_in = @ours.recipe.ingredients.select(&:to_fry_in?) if @ours.griddled?
          aside = Recipes::Parts.of(@ours.recipe, :aside) - fried_in
          lines = aside.reject { |line| Parts.filling?(line) || Glaze.line?(line) }
          if lines.empty?
            []
          else
            [
              Step.new(
                kind: "serve",
                text: "Serve with #{Companions.named(lines, @catalogue)}.",
                uses: lines
              )
            ]
          end
        end

        def keep
          left = @ours.filling ? %w[leftovers reheat] : []
          return Step.new(kind: "store", text: "What is left: covered, in the cold.", safety: ["leftovers"]) if crumbs?

          Step.new(kind: "store", text: raw, safety: ["raw_flour", *("raw_dough" if @ours.egg?), *left])
        end

        # Crumbs and fat are no raw dough.
        def crumbs? = @ours.style.key == "base"

        def raw
          return "What is left of the sheet: wrapped and cold, its layers flat." if @ours.style.sheet?

          "Raw dough: cold for a day or two, or freeze it flat between its sheets, 2 months at its best."
        end
      end
    end
  end
end
