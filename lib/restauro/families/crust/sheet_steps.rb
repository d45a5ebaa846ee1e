module Restauro
  module Families
    class Crust
      # The steps of a bought sheet: thawed, rolled or cut to its dish.
      class SheetSteps
        include Words

        def initialize(swap, catalogue)
          @catalogue = catalogue
          @own = Recipes::Parts.dough(swap.ours.recipe) + Recipes::Parts.of(swap.ours.recipe, :bench)
          @sheet = swap.sheet
          @lining = swap.ours.lining
          @cover = swap.ours.cover
          freeze
        end

        # @return [Array<Step>]
        def steps = [thaw, roll]

        private

        def thaw
          Step.new(
            kind: "rest",
            uses: @own,
            minutes: Constants.fetch(:making, :thaw_sheet_minutes),
            text: "Thaw the sheet in the fridge in its wrapping, then ten minutes on the board.",
            look_for: "bends without cracking; soft and sticky: back to the cold",
            caution: "Read the pack: gluten free, and for who eats: egg, milk, soya."
          )
        end

        def roll
          return Step.new(kind: "shape", text: laid, uses: @own) unless @lining

          Step.new(
            kind: "shape",
            uses: @own,
            text:
              "#{reach} to #{size(@lining.roll_cm)} and #{tenths(@sheet.thickness_mm)} mm. " \
                "Thinner than #{tenths(@sheet.thinnest_mm)} mm it tears.",
            look_for:
              "expect it to rise to about #{@sheet.risen_mm.round} mm; wheat's would to #{@sheet.wheat_risen_mm.round}"
          )
        end

        # Under its filling it goes into the tin.
        def laid
          return "Unroll it on its paper." unless %w[bottom double].include?(@cover)

          "Unroll it; turn it into the tin, let it fall into the corners, press the rim on#{"; the other is the lid" if @cover == "double"}."
        end

        def reach
          return "Join #{@sheet.count} sheets with a wet overlap of a centimetre; roll" if @sheet.count > 1

          @sheet.stretch > 1.01 ? "Roll it #{(100 * @sheet.stretch - 100).round} % longer each way," : "Cut it"
        end
      end
    end
  end
end
