# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # A batter baked in a dish with fruit in it, set by its eggs: at the recipe's own oven and minutes.
      class InADish
        # @param options [Options]   @param lines [Lines]
        # @param egg [Boolean] whether eggs set it
        def initialize(options, lines, catalogue, egg:)
          @catalogue = catalogue
          @options = options
          @egg = egg
          @lines = lines
          freeze
        end

        # @return [Array<Step>]
        def steps
          [
            Step.new(
              kind: "preheat",
              text: "Heat the oven to #{oven.say}.",
              minutes: Constants.fetch(:crust, :preheat_minutes),
              celsius: oven.celsius
            ),
            Step.new(
              kind: "shape",
              text: poured,
              uses: [*@lines.pan_fat, *@lines.in_tin],
              look_for: "no higher than a finger under the rim"
            ),
            Step.new(
              kind: "bake",
              text: "Bake at #{oven.say}.",
              minutes: minutes,
              celsius: oven.celsius,
              safety: @egg ? ["egg_dish"] : [],
              look_for: look
            )
          ]
        end

        private

        def poured
          under = @lines.in_tin
          return "Pour it into a buttered dish." if under.empty?

          "Lay #{Companions.named(under, @catalogue)} in a buttered dish; pour " \
            "the batter over."
        end

        def oven = @options.oven || Kitchen::OvenTemperature.new(celsius: Constants.fetch(:dishes, :bake_celsius))
        def look =
          if @egg
            "risen at the rim, golden, set with a wobble in the middle"
          else
            "golden, crisp at the rim, no wet patch in the middle"
          end
        def minutes = @options.bake_minutes || Constants.fetch(:dishes, :bake_minutes)
      end
    end
  end
end
