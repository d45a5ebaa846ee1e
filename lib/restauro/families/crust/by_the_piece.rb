# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # So much of a filling in each: folded by hand, wrapped in a sheet, in a cup of a tin.
      #   Needs @ours, constant, glaze and wash.
      module ByThePiece
        private

        # A heaped spoonful, a finger under the rim.
        def shared_out(filling, start)
          return unless filling.grams >= 1

          ": #{Recipes::WeighedLine.tenths((filling.grams / @ours.cups.count).round)} g in each of #{@ours.cups.count}, #{start}"
        end

        # So much on each round, folded, crimped, cut.
        def by_hand(filling)
          count = @ours.rounds.count
          return gathered(filling, count) if @ours.gathered?

          Step.new(kind: "shape", uses: [*filling.recipe.ingredients, *glaze], look_for: "no filling on the rim",
                   text: "#{share(filling.grams / count)} on one half of each of #{count} rounds; " \
                         "wet the rim, fold, crimp#{closed}.",
                   safety: filling.kind == "sauce" ? [] : filling.safety)
        end

        # A fruit in the middle of each.
        def gathered(filling, count)
          fruit = Gathered.whole(filling.recipe.ingredients, @catalogue).name_text[/\A[^,(]*/].strip
          Step.new(kind: "shape", uses: [*filling.recipe.ingredients, *glaze], look_for: "no seam open",
                   text: "One of the #{fruit} in the middle of each of #{count} squares, its share of what is with " \
                         "them in its hollow; wet the edges, draw the four corners together over it, pinch every " \
                         "seam shut#{closed}.",
                   safety: filling.safety)
        end

        def share(grams) = grams >= 1 ? "#{grams.round} g of cold filling" : "Cold filling"

        # The sheet around it: one long roll that is cut, or squares folded over.
        def wrapped(filling)
          thick = Recipes::WeighedLine.tenths(constant(:wrapped_cm))
          makes = @ours.options.makes
          how = "by spoonfuls on #{"#{makes} " if makes}squares of the sheet; wet the rim, fold corner to corner, " \
                "press it shut with a fork#{closed}"
          if filling.kind == "jam"
            how = "spread over the sheet, a finger's rim bare; wet the far edge, roll it up, the seam underneath, " \
                  "the ends pinched shut"
          elsif @ours.singles
            how = "on the sheet, cut in #{@ours.singles}: one on each with its share; wrap it right round, the seam " \
                  "underneath, the ends tucked in#{closed}"
          elsif FillSteps.whole_piece(filling.recipe.ingredients)
            how = "on the middle of the sheet; wrap it right round, the seam underneath, the ends tucked in#{closed}"
          elsif @ours.rolled_up?
            how = "in a roll along the sheet, #{thick} cm thick; wet the far edge, roll it up, the seam underneath; " \
                  "cut it in #{"#{makes} " if makes}lengths, or leave it whole and slash the top; brush with #{wash}"
          end
          what = filling.grams < 1 ? "The filling" : "#{filling.grams.round} g of cold filling"
          Step.new(kind: "shape", text: "#{what} #{how}.",
                   uses: [*filling.recipe.ingredients, *glaze], look_for: "nothing shows at the seam",
                   safety: filling.kind == "sauce" ? [] : filling.safety)
        end

        # In fat nothing may leak, and nothing is brushed.
        def closed = @ours.frying ? ", no gap anywhere" : ", cut a vent; brush with #{wash}"
      end
    end
  end
end
