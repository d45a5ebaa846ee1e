# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # The steps of a crust over water: a basin lined, filled, closed and turned out, or one long roll in its paper
      # (common practice).
      class SteamSteps
        # @param ours [Prediction]
        def initialize(ours)
          @ours = ours
          freeze
        end

        # @return [Array<Step>]
        def steps = [line, fill, close, steam, rest].compact

        private

        def figure(name) = Constants.fetch(:crust, name)

        def rolled_up? = @ours.rolled_up?

        def line
          return roll_out if rolled_up?

          Step.new(kind: "shape",
                   text: "Roll two thirds of it #{figure(:steamed_mm).round} mm thick, into a buttered basin and a " \
                         "little over its rim; the last third is the lid.",
                   look_for: "a crack: press a scrap in with a wet finger")
        end

        def roll_out
          Step.new(kind: "shape", look_for: "a crack: press a scrap in with a wet finger",
                   text: "Roll it #{figure(:steamed_mm).round} mm thick on parchment, an oblong no longer than the " \
                         "pot is wide.")
        end

        def fill
          filling = @ours.filling or return
          return spread(filling) if rolled_up?

          Step.new(kind: "shape", text: "Fill it: #{filling.grams.round} g, to a finger under the rim.",
                   uses: filling.recipe.ingredients, safety: filling.kind == "sauce" ? [] : filling.safety)
        end

        def spread(filling)
          Step.new(kind: "shape", uses: filling.recipe.ingredients, safety: filling.safety,
                   text: "Spread #{filling.grams.round} g of cold filling over it, a finger's rim bare; wet the far " \
                         "edge, roll it up, the seam underneath, the ends pinched shut.",
                   look_for: "nothing shows at the seam")
        end

        def close
          return wrap if rolled_up?

          Step.new(kind: "shape", uses: FillSteps.glaze(@ours.recipe), look_for: "a fold in the paper: room to rise",
                   text: "Lid on, its rim wet and pressed; buttered parchment with a fold in it, then foil, tied.")
        end

        def wrap
          Step.new(kind: "shape", uses: FillSteps.glaze(@ours.recipe),
                   look_for: "loose enough to rise, no way in for water",
                   text: "Wrap it loosely in buttered parchment with a fold in it, then in foil, the ends twisted.")
        end

        def steam
          Step.new(kind: "boil", minutes: @ours.options.steam_minutes, attended: false,
                   text: "Steam it: #{stands}, lid on. Top it up with boiling water.",
                   look_for: ["risen and dry on top", middle].compact.join("; "),
                   safety: ["steam", *@ours.filling&.safety])
        end

        def middle = @ours.filling&.then { |filling| "the middle at #{filling.done_celsius.round} °C: #{filling.why}" }

        def stands
          return "on a rack in a wide pot, the simmering water under it" if rolled_up?

          "the basin on a saucer in a pot, simmering water half way up"
        end

        def rest
          out, comes = "run a knife round it and turn it out", "it comes away from the basin"
          out, comes = "unwrap it and cut it in slices", "firm when it is pressed" if rolled_up?
          Step.new(kind: "rest", text: "Let it stand; #{out} on a warm dish.",
                   minutes: figure(:steam_rest_minutes), look_for: comes,
                   safety: ["hot_filling"])
        end
      end
    end
  end
end
