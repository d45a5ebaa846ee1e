# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # The steps of filled pieces that no pot boils: over steam, or browned in a pan and steamed in a little water
      # there (common practice).
      class SteamSteps
        PANNED, STEAMED, FOR = DataFiles.words("families/dough/shapes.yml").values_at(:panned, :steamed, :steamed_for)
        private_constant :PANNED, :STEAMED, :FOR

        # @param recipe [Recipes::Recipe]   @return [String, nil] panned or steamed, by its title and its steps
        def self.way(recipe)
          words = recipe.lines.select(&:words?).map(&:text)
          return "panned" if words.any? { |text| text.match?(PANNED) }

          "steamed" if words.any? { |text| text.match?(STEAMED) }
        end

        # @param recipe [Recipes::Recipe]   @return [Float, nil] min that it says
        def self.minutes(recipe) =
          recipe.steps.flat_map { |line| Recipes::TimeSaid.of(line.text[FOR, 1].to_s) }.first

        # @param ours [Prediction]
        def initialize(ours)
          @ours = ours
          @options = ours.options
          freeze
        end

        # @return [Array<Step>]
        def steps = @options.way == "panned" ? [browned, steamed_in_the_pan, crisped] : [water, steamed]

        # Raw meat is done no sooner than in a pot.   @return [Float] min under the lid
        def minutes
          least = @options.raw_filling ? Constants.fetch(:boil, :raw_filled_minutes) : 0.0
          [@options.steam_minutes || figure(:steam_minutes), least].max
        end

        private

        def figure(name) = Constants.fetch(:dough, name)
        def safety = %w[stuffed raw_flour steam]
        # So many side by side, never touching.
        def batches = (@ours.plan.pieces / figure(:steamed_at_once)).ceil

        def at_once
          most = figure(:steamed_at_once).round
          batches > 1 ? "#{most} at a time, #{batches} batches" : "all of them"
        end

        def browned
          Step.new(kind: "fry", minutes: figure(:panned_minutes), batches: batches, safety: ["hot_oil"],
                   text: "A film of oil in a wide pan with a lid, medium-high: lay them in, #{at_once}, the seam up, " \
                         "not touching.",
                   look_for: "golden underneath: till then they stick")
        end

        def steamed_in_the_pan
          Step.new(kind: "simmer", minutes: minutes, batches: batches, safety: safety, attended: false,
                   text: "Pour in #{figure(:panned_water_ml).round} ml of water, lid on at once: it spits; medium.",
                   look_for: "the dough see-through all over, no white edge; the filling hot right through")
        end

        def crisped
          Step.new(kind: "fry", minutes: figure(:panned_minutes), batches: batches, hold_minutes: 2,
                   text: "Lid off, until the water is gone and they crackle; out, the brown side up.",
                   look_for: "crisp underneath, loose when the pan is shaken")
        end

        def water
          Step.new(kind: "boil", minutes: figure(:pot_minutes), attended: false, safety: ["steam"],
                   text: "Water in a pot to the boil, two fingers under a steamer lined with oiled parchment, " \
                         "holes in it.")
        end

        def steamed
          Step.new(kind: "boil", minutes: minutes, batches: batches, safety: safety, hold_minutes: 5,
                   text: "Steam them side by side, not touching, #{at_once}; lid on, the water at a boil.",
                   look_for: "the dough see-through, no white edge; the filling hot right through")
        end
      end
    end
  end
end
