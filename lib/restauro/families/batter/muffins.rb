# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # A batter in the cups of a tin.
      class Muffins
        # @param ours [Prediction]   @param lines [#pan_fat]
        def initialize(ours, lines)
          @ours = ours
          @lines = lines
          freeze
        end

        # The middle of a muffin by conduction, set and no longer raw.
        def self.minutes(tin, oven = nil)
          food =
            Heat::Food.composed(
              "batter",
              nil,
              done_celsius: Constants.fetch(:batter, :muffin_done_celsius),
              why: "set",
              steam: Constants.fetch(:heat, :crumb_steam)
            )
          piece =
            Heat::Piece.new(
              name: "muffin",
              food: food,
              shape: :sphere,
              thickness_m: tin.ball_m(Constants.fetch(:batter, :muffin_fill_share)),
              kind: "muffin"
            )
          oven ||= Kitchen::OvenTemperature.new(celsius: Constants.fetch(:batter, :muffin_celsius))
          Heat::Section.cook(piece, Heat::Surroundings.oven(oven), enough: 0.0).done
        end

        # @return [Array<Step>]
        def steps
          tin, oven = Tin.fetch(@ours.options.tin), @ours.options.oven
          celsius = oven ? oven.celsius : Constants.fetch(:batter, :muffin_celsius)
          [
            Step.new(
              kind: "shape",
              text:
                "Fold wet into dry in a few strokes; fill the cups two thirds: " \
                  "#{HotTin.filled(@ours, tin, :muffin_fill_share, @ours.options.makes)}.",
              uses: @lines.pan_fat,
              look_for: "streaks are fine: gas is lost by stirring"
            ),
            Step.new(
              kind: "bake",
              text: "Bake at #{oven ? oven.say : "#{celsius.round} °C"}.",
              minutes: @ours.options.bake_minutes || Cooking.half(Muffins.minutes(tin, oven)),
              celsius: celsius,
              look_for:
                "domed, and the middle at #{Constants.fetch(:batter, :muffin_done_celsius).round} °C: a filling fools the skewer",
              caution: "A fan can blow a rising batter over: still air if there is a choice.",
              safety: (@ours.egg? ? ["egg_dish"] : [])
            )
          ]
        end
      end
    end
  end
end
