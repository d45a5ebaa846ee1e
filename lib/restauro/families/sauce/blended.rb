# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # A soup that is made smooth.   Needs @lines and @swap.
      module Blended
        BLENDS = DataFiles.words("families/sauce/words.yml").fetch(:blends)
        private_constant :BLENDS

        private

        # A soup that its recipe blends.
        def blended
          soft = @lines.companions.at("soften") + @lines.companions.at("simmer")
          return if soft.empty? || @swap.wheat.recipe.steps.none? { |line| line.text.match?(BLENDS) }

          Step.new(kind: "finish", heat: "hob", text: "Blend it, as the recipe does; back to a simmer.",
                   look_for: "smooth, thinner than it was for a minute",
                   caution: "Hot soup jumps: half full at most, a cloth over the lid.")
        end
      end
    end
  end
end
