# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # A crust's dough into its shape: rolled, pressed, spread, cut into rounds.
      class ShapeSteps
        include Words

        # @param ours [Prediction]
        def initialize(ours)
          @ours = ours
          @style = ours.style
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [press] if @style.key == "pressed"
          return [spread] if @style.key == "thin"
          return hand if @style.key == "hand"

          [roll, *chill_again]
        end

        private

        def hand
          rounds = @ours.rounds
          [
            Step.new(
              kind: "shape",
              text:
                "Roll it between two sheets of parchment, #{tenths(@ours.thickness_mm)} mm thick; cut " \
                  "#{rounds.count} #{cut_to(rounds)}, the scraps rolled again.",
              look_for: "a crack: press a scrap in with a wet finger"
            ),
            *chill_again
          ]
        end

        # Squares around a fruit, of as much dough as the rounds.
        def cut_to(rounds)
          return "rounds of #{rounds.across_cm.round} cm" unless @ours.gathered?

          "squares of #{(rounds.across_cm * Math.sqrt(Math::PI) / 2).round} cm"
        end

        def press
          Step.new(
            kind: "shape",
            text:
              "Press it into the tin, #{tenths(@ours.thickness_mm)} mm thick all over#{wall}: first the wall, then the base.",
            look_for: "even, the corner no thicker than the base"
          )
        end

        def wall = @ours.options.pan ? " and #{tenths(Lining.depth_cm(@ours.options.pan, @style))} cm up the wall" : ""

        def spread
          Step.new(
            kind: "shape",
            text:
              "Spread it on oiled parchment with oiled hands, #{tenths(@ours.thickness_mm)} mm thin" \
                "#{" and #{size(@ours.lining.roll_cm)}" if @ours.lining}.",
            look_for: "even to the edge; no thick middle"
          )
        end

        def roll
          to = @ours.lining&.roll_cm ? " to #{size(@ours.lining.roll_cm)}" : ""
          over = @ours.trimmings_g > 15 ? " About #{@ours.trimmings_g.round} g is left for patches." : ""
          Step.new(
            kind: "shape",
            text:
              "Roll it between two sheets of parchment#{to}, #{tenths(@ours.thickness_mm)} mm thick. #{into_pan}#{over}",
            look_for: "a crack or a hole: press a scrap in with a wet finger. It cannot toughen"
          )
        end

        def into_pan
          return into_cups(@ours.cups) if @ours.cups

          {
            "free" => "Leave it on its paper, on a tray.",
            "wrapped" => "Leave it on its paper, as long as the tray.",
            "top" => "Keep it flat in the cold until the filling is in.",
            "double" => "Two thirds first: turn it into the tin; the last third is the lid."
          }.fetch(
            @ours.cover,
            "Peel one sheet off, turn it into the tin, let it fall into the corners, press the rim on."
          )
        end

        def into_cups(cups)
          lids = "rounds of #{tenths(cups.lid_cm)} cm for lids"
          return "Cut #{cups.count} #{lids}; keep them flat in the cold until the filling is in." unless cups.cases

          "Cut #{cups.count} rounds of #{tenths(cups.case_cm)} cm#{" and as many #{lids}" if cups.lids}, the scraps " \
            "rolled again; press #{cups.lids ? "the larger" : "them"} into the cups, up to the rim."
        end

        # Not what has just risen.   @return [Array<Step>]
        def chill_again
          return [] if @ours.yeast?

          [Step.new(kind: "chill", hold_minutes: 1440, text: "Chill it in its shape.",
                    minutes: constant(:chill_again_minutes), look_for: "hard again: it shrinks less")]
        end
      end
    end
  end
end
