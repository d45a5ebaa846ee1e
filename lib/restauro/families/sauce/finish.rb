module Restauro
  module Families
    class Sauce
      # The steps of a swap from when it comes off the heat: what goes in last, how it is served and kept.
      class Finish
        LATE_ROLES = %w[seasoning cheese egg other lift].freeze

        # Whether something sharp should go in last: acid with a strong buffer and no alcohol to boil off.   @param ingredient [Ingredient, nil]
        def self.sharp?(ingredient)
          return false unless ingredient&.ph && ingredient.group != "fruit"

          ingredient.ph < 4.7 && ingredient.buffer_mmol_kg_ph >= 30 && ingredient.alcohol_pct.to_f.zero?
        end

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [finish, stand, keep].compact

        private

        def sharp?(line) = Finish.sharp?(@catalogue.find_key(line.ingredient))
        def minutes(seconds) = (seconds / 60.0 * 2).round / 2.0

        def finish
          late = @ours.recipe.ingredients.select { |line| line.understood && (LATE_ROLES.include?(line.role) || sharp?(line)) }
          return if late.empty?

          Step.new(text: "Off the heat, stir in #{late.map { |line| short(line) }.join("; ")}.", caution: finish_caution(late))
        end

        def short(line) = line.text.strip.sub(/\A[-*•]\s*/, "")

        def finish_caution(late)
          return Cautions.strings(@ours) if late.any? { |line| line.role == "cheese" }

          "Egg needs heat to be done: stir in a ladle of hot sauce first, then bring it back to 71 °C." if late.any? { |line| line.role == "egg" }
        end

        def stand
          return if @ours.cooling.empty?

          Step.new(text: "Serve at about #{@ours.serve_celsius.round} °C.", minutes: minutes(@ours.cooling.last.seconds - @ours.end_seconds),
                   look_for: "#{LookFors.does(@ours.viscosity_plate.value)}; it goes on thickening as it cools")
        end

        def keep
          storage = DataFiles.yaml("families/sauce/thickener_notes.yml").values_at(*@swap.thickeners.map(&:ingredient)).compact.flatten
                             .select { |note| note["kind"] == "storage" }.map { |note| note["text"] }
          Step.new(text: "Keep what is left in a shallow dish in the fridge, 3 to 4 days; reheat to a rolling boil.",
                   caution: ["Down to 21 °C within 2 hours and to 5 °C in 4 more; follow your local rules.", *storage].join(" "))
        end
      end
    end
  end
end
