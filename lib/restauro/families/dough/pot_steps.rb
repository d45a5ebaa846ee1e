module Restauro
  module Families
    class Dough
      # The steps at the pot: water, batches, floating, done, drained.
      class PotSteps
        def initialize(swap)
          @ours = swap.ours
          @school = swap.school
          @boiling = @ours.boiling
          @options = @ours.options
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [] unless @boiling

          @options.shape == "spooned" ? [dropped] : [water, batch, done, drain]
        end

        private

        # Onto what simmers, or into water at a bare simmer; the lid stays on.
        def dropped
          Step.new(
            kind: "boil",
            text:
              "Drop them onto the simmering stew or soup, or into salted water at a bare simmer. Lid on, low; do not lift it.",
            minutes: [half(@boiling.minutes || 0.0), Constants.fetch(:dough, :dropped_minutes)].max,
            look_for: "risen, dry inside when one is torn open",
            safety: [*safety, "steam"],
            hold_minutes: 10
          )
        end

        def half(minutes) = (2 * minutes).ceil / 2.0

        def water
          pot = @boiling.pot
          Step.new(
            kind: "boil",
            text:
              "#{litres(pot.litres)} of water in a pot of #{pot.size_litres} litres, #{pot.salt_g} g salt, to a rolling boil, lid on.",
            minutes: Constants.fetch(:dough, :pot_minutes),
            attended: false,
            safety: ["steam"]
          )
        end

        def litres(value) = "#{value.to_s.delete_suffix(".0")} litre#{"s" unless value == 1}"

        def batch
          at_once = @boiling.at_once
          some = "#{amount(at_once)} at a time, #{@boiling.batches} batches"
          batches = at_once >= @ours.plan.pieces ? "All at once" : some
          Step.new(
            kind: "boil",
            text:
              "#{batches}#{" straight from the freezer" if @options.frozen}: the pot falls to #{@boiling.lowest_celsius.round} °C " \
                "and boils again in about #{half(@boiling.recovery_minutes).to_s.delete_suffix(".0")} min.",
            look_for: stir_words
          )
        end

        # Nobody counts what is pushed through holes.
        def amount(pieces) = @options.shape == "pushed" ? "#{(pieces * @ours.plan.piece_g).round(-1)} g" : pieces
        def stir_words
          if @school.key == "gum"
            return "do not stir for the first minute: a gum is brittle while it is hot; nudge them off the bottom"
          end

          if Options::BY_HAND.include?(@options.shape)
            "do not stir for the first minute; swirl the pot"
          else
            "one stir with a wooden spoon, then leave them"
          end
        end

        def done
          Step.new(
            kind: "boil",
            text: "Count from when the water #{simmers}. #{float_words}",
            minutes: [told, @boiling.minutes].compact.max&.then { |minutes| half(minutes) },
            batches: @boiling.batches,
            look_for: [done_words, BesideTheRecipe.words(told, @boiling.minutes)].compact.join("; "),
            safety: safety,
            hold_minutes: 2
          )
        end

        # For fresh pieces, within what any of them takes: a wheat recipe's quarter of an hour boils these to pieces.
        # @return [Float, nil] min
        def told
          said = @options.boil_minutes
          said if said && !@options.frozen && said <= Constants.fetch(:dough, :most_told_minutes)
        end

        # A hard boil tears what is thick.
        def simmers = @options.shape == "round" ? "simmers again, never at a rolling boil" : "boils again"

        def float_words
          unless @boiling.floats_first?
            return "So thin they are done about when they float: go by the minutes and a bite."
          end

          float = @boiling.float
          "They float at about #{float.value.round} min (#{float.low} to #{float.high}): that is not done."
        end

        def done_words
          centre = @boiling.centre_at_float.round
          where = @boiling.by_law? ? "no pale line in the middle of a cut one" : "no darker heart in a cut one"
          return where if @options.frozen || !@boiling.floats_first?

          "#{where}. When they float the middle is at about #{centre} °C"
        end

        def safety
          [@ours.filled? ? "stuffed" : ("egg_dish" if @ours.egg?), "raw_flour"].compact
        end

        def drain
          Step.new(
            kind: "boil",
            text: "Lift them out with a slotted spoon. Keep a cup of the water: its starch makes the sauce cling.",
            look_for: "to crisp them in a pan: drain, dry on a cloth, then into hot fat",
            safety: ["wet_fat"],
            hold_minutes: 2
          )
        end
      end
    end
  end
end
