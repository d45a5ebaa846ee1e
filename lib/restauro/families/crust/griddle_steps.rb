# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # The steps of a flatbread that is cooked in a dry pan by the piece: divided, rolled thin, blistered on both
      # sides, kept soft in a cloth (common practice).
      class GriddleSteps
        # @param ours [Prediction]
        def initialize(ours, catalogue)
          @ours = ours
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [divide, roll_in, heat, cook, stack].compact

        private

        def figure(name) = Constants.fetch(:crust, name)
        # As many as the recipe says, else as many as there are in the dough.
        def count = @ours.options.makes || [(@ours.grams / figure(:griddle_piece_g)).round, 1].max

        def divide
          Step.new(kind: "shape", look_for: "a crack at the rim: press it together with a wet finger",
                   text: "Divide it in #{count} balls of #{(@ours.grams / count).round} g, under a damp cloth; " \
                         "roll each between two sheets of parchment, #{figure(:griddle_mm).round} mm thick.")
        end

        # It tears less in a coil that is pressed flat than folded (common practice).
        def roll_in
          lines = @ours.rolled_in
          return if lines.empty?

          Step.new(kind: "shape", uses: lines, look_for: "green all through; where it tears, press it together",
                   text: "Brush each with oil; over it a share of #{say(lines)}; roll it up, coil it like a snail, " \
                         "and roll it out again between the sheets.")
        end

        def say(lines) = Companions.named(lines, @catalogue)
        def fat = @ours.recipe.ingredients.select(&:to_fry_in?)

        def heat
          pan = fat.any? ? "A heavy pan with a film of #{say(fat)}, medium" : "A heavy dry pan on medium-high"
          Step.new(kind: "preheat", heat: "hob", minutes: figure(:griddle_heat_minutes), uses: fat,
                   text: "#{pan}.", look_for: "a pinch of flour turns brown in half a minute")
        end

        def cook
          minutes = @ours.options.bake_minutes || figure(:griddle_minutes)
          Step.new(kind: "fry", minutes: minutes, batches: count, attended: true,
                   text: "One at a time: peel it off into the pan, turn it when it blisters, half the minutes on " \
                         "each side.",
                   look_for: "brown spots, still bends; stiff means too long or too dry")
        end

        def stack
          Step.new(kind: "serve", text: "Stack them in a cloth as they come: their steam keeps them soft.")
        end
      end
    end
  end
end
