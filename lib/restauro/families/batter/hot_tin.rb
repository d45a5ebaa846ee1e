# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # A hot-tin pudding: fat shimmering in the cups or in one tray, batter in, the door shut.
      class HotTin
        def initialize(prediction, lines, catalogue)
          @ours = prediction
          @lines = lines
          @catalogue = catalogue
          @options = prediction.options
          freeze
        end

        # Grams in each cup and how many cups.   @param makes [Integer, nil] as the recipe says
        def self.filled(prediction, tin, share, makes = nil)
          full = Constants.fetch(:batter, share)
          cups = makes || tin.cups(prediction.grams, full)
          grams = makes ? prediction.grams / makes : tin.fill_g(full)
          "#{grams.round} g in each of #{cups}#{" #{tin.say}" unless makes} cup#{"s" if cups != 1}"
        end

        # @return [Array<Step>]
        def steps = [hot_fat, *in_tin, pour, (down unless @options.oven), serve].compact

        private

        def figure(name) = Constants.fetch(:batter, name)
        def oven = @options.oven
        def celsius = oven ? oven.celsius : figure(:tin_celsius)
        def say = oven ? oven.say : "#{celsius.round} °C"
        def list(lines) = Companions.named(lines, @catalogue)
        def fat
          return list(@lines.pan_fat) if @lines.pan_fat.any?

          "#{figure(@options.pan ? :tray_oil_mm : :tin_oil_mm).round} mm of refined oil or dripping"
        end
        def where = @options.pan ? "the #{@options.pan.say} tin" : "the cups of the tin"

        def hot_fat
          Step.new(
            kind: "preheat",
            text: "#{fat[0].upcase}#{fat[1..]} in #{where}, into the oven at #{say}.",
            minutes: figure(:tin_preheat_minutes),
            celsius: celsius,
            uses: @lines.pan_fat,
            look_for: "the fat shimmers",
            safety: ["hot_fat_tin"]
          )
        end

        # What is roasted there first, and, browned by then, what else lies under the batter.
        def in_tin
          roasted = @lines.roasted
          browned = @lines.in_tin.reject { |line| roasted.key?(line) }
          [
            (roast(roasted) if roasted.any?),
            (laid("#{list(browned)} into the hot fat, turned once.", browned, kind: "shape") if browned.any?)
          ].compact
        end

        def roast(minutes)
          laid("#{list(minutes.keys)} into the hot fat, in the oven at #{say}; turn once.", minutes.keys,
               kind: "bake", minutes: minutes.values.max, celsius: celsius, attended: false,
               look_for: "brown here and there, the fat clear and hot again")
        end

        def laid(text, lines, **more)
          Step.new(text: text, uses: lines, safety: @lines.companions.safety(lines), **more)
        end

        def pour
          into =
            (
              if @options.pan
                "all of it, #{depth} cm deep"
              else
                "half full: #{HotTin.filled(@ours, Tin.fetch(@options.tin), :tin_fill_share, @options.makes)}"
              end
            )
          Step.new(
            kind: "bake",
            text: "Pour the batter in quickly, #{into}. Door shut, #{say}.",
            celsius: celsius,
            minutes: oven ? whole : figure(:tin_first_minutes),
            look_for: oven ? "puffed over the rim, brown and stiff at the sides" : "puffed over the rim",
            safety: oven ? eggs : []
          )
        end

        # In the recipe's own oven: its minutes, else ours.
        def whole = @options.bake_minutes || (figure(:tin_first_minutes) + figure(:tin_last_minutes))
        def depth = Recipes::WeighedLine.tenths((@ours.grams / @options.pan.area_cm2).round(1))
        def eggs = @ours.egg? ? ["egg_dish"] : []

        def down
          Step.new(
            kind: "bake",
            text: "Down to #{figure(:tin_then_celsius).round} °C; leave the door shut.",
            minutes: figure(:tin_last_minutes),
            celsius: figure(:tin_then_celsius),
            look_for: "brown and stiff at the sides",
            safety: eggs
          )
        end

        def serve = Step.new(kind: "serve", text: "Straight to the table: they may not wait.", hold_minutes: 5)
      end
    end
  end
end
