# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # The steps of a swap, in the order of the pot: what browns and softens, the thickener, the liquid, what simmers
      # in it, what goes in last.
      class Method
        # @param swap [Swap]   @param catalogue [Catalogue]
        def initialize(swap, catalogue)
          @swap = swap
          @catalogue = catalogue
          @lines = Lines.new(swap, catalogue)
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [clean, *EmulsionSteps.new(@lines).steps] if Emulsion.of?(@swap.ours.recipe)

          [clean, *way, *Finish.new(@swap, @catalogue, @lines).steps].compact
        end

        # At the stove, from what browns first to the simmer.
        def way
          stove = StoveSteps.new(@swap, @catalogue, @lines)
          steps = stove.steps
          early = stove.roux_first? ? :before_roux : :early_steps
          [*@lines.companions.send(early, @lines.fats), *steps,
           *@lines.companions.simmer_steps(but: steps.flat_map(&:uses)), *stove.liaison]
        end

        private

        def clean
          Step.new(
            kind: "set_out",
            text: "Set out a clean pan, whisk and board, and the packs.",
            safety: ["coeliac_pan"]
          )
        end
      end
    end
  end
end
