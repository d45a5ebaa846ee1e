module Restauro
  module Families
    class Crust
      # What was cooked and goes between raw doughs, or into one that is folded around it.   Needs @ours.
      module CooledFilling
        HEATED = %w[boiled poach brown soften simmer].freeze
        private_constant :HEATED

        private

        # @return [Step, nil]
        def cooled
          filling = @ours.filling
          return unless filling&.cooked? && !filling.raw_crust? && !@ours.raw_filling?
          return unless @ours.filling_start == "cold" && (@ours.cover == "double" || (@ours.closed? && hot?(filling)))

          Step.new(kind: "rest", text: "Spread the filling in a shallow dish until it is cold.",
                   minutes: Constants.fetch(:crust, :cool_filling_minutes), hold_minutes: 1440, safety: ["cooling"],
                   look_for: "cold to the touch: warm, it melts the dough from inside")
        end

        # Minced meat, sausage and fish go raw into what is wrapped; ham and cheese are as cold as they come.
        def hot?(filling)
          return true if filling.kind == "sauce"

          lines = filling.recipe.ingredients
          return false if @ours.cover == "wrapped" && lines.any? { |line| FillingSteps::RAW.include?(line.kind) }

          kinds = DataFiles.yaml("ingredients/kinds.yml")
          lines.any? { |line| HEATED.include?(kinds.dig(line.kind, "stage")) }
        end
      end
    end
  end
end
