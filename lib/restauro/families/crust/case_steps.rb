# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Cases cut out of a sheet, baked empty and filled hot: vol-au-vents.   Needs @ours, oven, degrees, celsius
      # and constant.
      module CaseSteps
        private

        # @return [Array<Step>]
        def cases = [oven, cut_out, baked_empty, filled_hot]

        def cut_out
          count = @ours.options.makes
          Step.new(kind: "shape", uses: FillSteps.glaze(@ours.recipe),
                   text: "Cut #{count ? "#{count} rounds" : "rounds of 7 cm"}; draw a smaller ring in each with the " \
                         "tip of a knife, not right through; brush the tops with egg, never the cut edge.",
                   look_for: "clean edges: where egg runs down it cannot rise")
        end

        def baked_empty
          Step.new(kind: "bake", text: "Bake them empty at #{degrees}.", celsius: celsius,
                   minutes: @ours.options.bake_minutes || constant(:cases_minutes),
                   look_for: "golden, dry under their lids", caution: "Ovens differ: look before the time is up.")
        end

        def filled_hot
          filling, count = @ours.filling, @ours.options.makes
          each = " #{(filling.grams / count).round} g of" if count && filling.grams.positive?
          Step.new(kind: "shape", uses: filling.recipe.ingredients, safety: ["hot_filling"],
                   text: "Lift the rings out, press down what is soft inside; spoon#{each} the hot filling in at the " \
                         "last moment, the lids on.",
                   look_for: "crisp still: filled early they are soft")
        end
      end
    end
  end
end
