module Restauro
  module Families
    class Sauce
      # What a swap is like to live with: how long it takes, how it looks, holds, chills, freezes and slices, and what
      # can go wrong.
      #   minutes to the plate's heat · fat_pct g of fat in 100 g · gloss, taste, freezes, chills in words (the worst of
      #   several thickeners)
      #   holds share of its body left after twenty more minutes at a bubble, at constant mass · slices whether it cuts
      #   when cold
      #   fridge_times how many times thicker cold than on the plate · risks in words
      Traits =
        Value.of(:minutes, :fat_pct, :gloss, :taste, :freezes, :chills, :holds, :slices, :fridge_times, :risks) do
          # @param swap [Swap]   @return [Traits]
          def self.of(swap) = Traits::Reader.new(swap).traits
        end

      # Reads the traits off a swap's own course, and off data/families/sauce/traits.csv what a course does not tell.
      class Traits::Reader
        WORST = {gloss: %w[clear glossy cloudy opaque], freezes: %w[holds weeps], chills: %w[smooth soft firm]}.freeze

        def initialize(swap)
          @swap = swap
          @ours = swap.ours
          rows = DataFiles.table("families/sauce/traits.csv").to_h { |row| [row["key"], row] }
          @rows = swap.thickeners.filter_map { |line| rows[line.ingredient] }
          freeze
        end

        def traits
          Traits.new(
            minutes: @ours.end_seconds / 60,
            fat_pct: fat_pct,
            gloss: worst(:gloss),
            taste: tastes,
            freezes: worst(:freezes),
            chills: worst(:chills),
            holds: holds,
            slices: cold.value >= slicing,
            fridge_times: cold.value / @ours.viscosity_plate.value,
            risks: risks.freeze
          )
        end

        private

        def cold = @ours.viscosity_fridge
        def slicing =
          Physics::Viscosity.pa_s(
            Constants.fetch(:sauce, :grade_very_thick),
            celsius: Constants.fetch(:sauce, :viscosity_celsius),
            base: 0.0
          )
        UNTHICKENED = {gloss: "creamy", freezes: "weeps", chills: "firm"}.freeze

        def worst(trait) =
          @rows.map { |row| row[trait.to_s] }.max_by { |word| WORST.fetch(trait).index(word) } ||
            UNTHICKENED.fetch(trait)
        def tastes = @rows.map { |row| row["taste"] }.uniq.join(", ").then { |words| words.empty? ? "of cream" : words }

        def fat_pct
          parts = @ours.cooking.formula.parts
          100 * parts.sum { |part| part.grams.value * part.ingredient.fat_pct / 100 } /
            parts.sum { |part| part.grams.value }
        end

        # Twenty more minutes at a bubble: what is left of the swollen and intact grains.
        def holds
          formula = @ours.cooking.formula
          return 1.0 if formula.thickeners.empty?

          mixture = @ours.cooking.result.mixture
          celsius = @ours.options.pan.boiling_celsius - 2
          kept = ->(part) do
            Physics::Grain.kept(part.ingredient, mixture, celsius: celsius, seconds: 60 * held_minutes)
          end
          left = formula.thickeners.sum { |part| weight(part) * kept[part] }
          left / formula.thickeners.sum { |part| weight(part) }
        end

        def held_minutes = Constants.fetch(:sauce, :hold_minutes)
        def weight(part) = part.grams.value * part.ingredient.thick_power

        def risks
          lump = LumpRisk.assess(@ours.cooking.formula, @ours.options.pour || LumpRisk.usual(@swap.school))
          thins = "thins when held" if holds < Constants.fetch(:sauce, :thins_share)
          [("lumps" unless lump.level == "low"), thins, *@swap.warnings.map { |w| RISK_WORDS[w.code] }].compact.uniq
        end

        RISK_WORDS = {
          "short_of_time" => "raw taste",
          "does_not_brown" => "stays pale",
          "boil_below_pasting" => "does not paste up here",
          "boiling_dry" => "boils dry",
          "never_boils" => "never boils",
          "pack_may_contain" => "label"
        }.freeze
      end
    end
  end
end
