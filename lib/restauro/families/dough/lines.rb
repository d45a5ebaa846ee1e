# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # The lines of our dough by what is done with them: in the dough, in its filling, on the bench, at the table. Nothing is left over.
      class Lines
        def initialize(swap, catalogue)
          @catalogue = catalogue
          @recipe = swap.ours.recipe
          freeze
        end

        def dough = Recipes::Parts.dough(@recipe) - mash
        # The root that it is made of, raw or mashed.
        def mash = Recipes::Parts.dough(@recipe).select { |line| line.ingredient && Contents.mash(line.ingredient) && !line.added }
        def curds = dough.select { |line| !line.added && @catalogue.find_key(line.ingredient)&.group == "curd" }
        def filling = Recipes::Parts.filling(@recipe)
        def bench = Recipes::Parts.of(@recipe, :bench)
        def aside = Recipes::Parts.of(@recipe, :aside)
        # In the dough beside its flour, its binder and its water.   @param but [Array<Recipes::Line>]
        def beside(swap, but: []) = dough - swap.flours - [swap.binder, swap.liquid].compact - but
      end
    end
  end
end
