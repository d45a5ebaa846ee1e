# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # The bath before what is dredged.   Needs @swap, @lines, list and raw_meat.
      module Soak
        SOAKS = DataFiles.words("families/breading/words.yml").fetch(:soaks)
        private_constant :SOAKS

        private

        def soak
          return if @lines.soak.empty?

          told = soak_told
          rest = told ? "let them lie in it." : "cover them, in the fridge, an hour to overnight."
          Step.new(kind: "rest", text: "Turn #{list(@lines.coated)} in #{list(@lines.soak)}; #{rest}",
                   minutes: told || Constants.fetch(:making, :soak_minutes), hold_minutes: told ? 60 : 1440,
                   uses: [*@lines.coated, *@lines.soak], safety: raw_meat)
        end

        # A short bath, as the recipe has it; a long one is in the fridge.   @return [Float, nil] min
        def soak_told
          least = Constants.fetch(:making, :soak_minutes)
          sentences = Recipes::Sentences.of_steps(@swap.wheat.recipe.lines).grep(SOAKS)
          sentences.flat_map { |sentence| Recipes::TimeSaid.of(sentence) }.find { |minutes| minutes < least }
        end
      end
    end
  end
end
