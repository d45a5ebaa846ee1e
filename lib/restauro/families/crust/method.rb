module Restauro
  module Families
    class Crust
      # The steps of a crust, in order: board, dough or sheet, filling, oven, keeping.
      class Method
        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [clean, *crust, *FillingSteps.new(@swap, @catalogue).steps, *HeatSteps.new(@swap, @catalogue).steps, keep]

        private

        def crust = @ours.style.sheet? ? SheetSteps.new(@swap).steps : DoughSteps.new(@swap, @catalogue).steps

        def clean
          Step.new(text: "Set out a clean board, pin, tin and the packs.",
                   caution: "For a coeliac: packs labelled gluten free; no board, pin or tin with old wheat dough in its corners, paper between.")
        end

        def keep
          raw = "What is left of the sheet: wrapped and cold, its layers flat." if @ours.style.sheet?
          raw ||= "Raw dough#{" with egg" if @ours.egg?}: 1 to 2 days cold, or freeze it flat between its sheets, 2 months at its best."
          Step.new(text: raw, caution: "Raw flour of any kind is raw food. #{"With egg, milk or meat in it: " if @ours.filling}" \
                                       "fridge within two hours, 3 to 4 days, reheated to 74 °C.")
        end
      end
    end
  end
end
