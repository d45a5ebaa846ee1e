# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # The steps of a crust in a basin: lined, filled, closed, steamed, turned out (common practice).
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

        def line
          Step.new(kind: "shape",
                   text: "Roll two thirds of it #{figure(:steamed_mm).round} mm thick, into a buttered basin and a " \
                         "little over its rim; the last third is the lid.",
                   look_for: "a crack: press a scrap in with a wet finger")
        end

        def fill
          filling = @ours.filling or return
          Step.new(kind: "shape", text: "Fill it: #{filling.grams.round} g, to a finger under the rim.",
                   uses: filling.recipe.ingredients, safety: filling.kind == "sauce" ? [] : filling.safety)
        end

        def close
          Step.new(kind: "shape", uses: FillSteps.glaze(@ours.recipe), look_for: "a fold in the paper: room to rise",
                   text: "Lid on, its rim wet and pressed; buttered parchment with a fold in it, then foil, tied.")
        end

        def steam
          Step.new(kind: "boil", minutes: @ours.options.steam_minutes, attended: false,
                   text: "Steam it: the basin on a saucer in a pot, simmering water half way up, lid on. Top it up " \
                         "with boiling water.",
                   look_for: ["risen and dry on top", middle].compact.join("; "),
                   safety: ["steam", *@ours.filling&.safety])
        end

        def middle = @ours.filling&.then { |filling| "the middle at #{filling.done_celsius.round} °C: #{filling.why}" }

        def rest
          Step.new(kind: "rest", text: "Let it stand; run a knife round it and turn it out on a warm dish.",
                   minutes: figure(:steam_rest_minutes), look_for: "it comes away from the basin",
                   safety: ["hot_filling"])
        end
      end
    end
  end
end
