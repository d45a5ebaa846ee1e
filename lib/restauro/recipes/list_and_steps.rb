# frozen_string_literal: true

module Restauro
  module Recipes
    # A list with its name, and what is done with it, on one line: "White sauce: 25 g butter, 25 g flour, half a pint of
    # milk. Melt, stir, simmer." Another list may follow: "Topping: 50 g crumbs, 20 g butter. Bake."
    class ListAndSteps
      # Not behind "1 c." or "2 tsp.".
      SENTENCE_END = /(?<!\d[ ]c)(?<!\b(?:oz|lb|pt|qt|EL|TL|ca))(?<!\b(?:Pck|Pkg|Msp|Stk))(?<!gestr)(?<!\bgeh)
        (?<!tsp)(?<!bsp)\.\s+(?=\p{Lu}|\d)/x
      private_constant :SENTENCE_END

      # @param headings [Headings]   @param several [Several]
      def initialize(headings, several)
        @headings = headings
        @several = several
        freeze
      end

      # @param line [String]   @return [Array<String>] the list and its steps, or the line as it is
      def split(line)
        list, steps = line.split(SENTENCE_END, 2)
        return [line] unless steps && !Outline::VERBS.match?(list)

        _, things = @headings.on_the_line(list, @several)
        things && @several.split(things).length > 1 ? [list, *split(steps)] : [line]
      end
    end
  end
end
