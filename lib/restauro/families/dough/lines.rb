# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # The lines of our dough by what is done with them: in the dough, in its filling, on the bench, at the table. Nothing is left over.
      class Lines
        # Groups of binders that go in with the rest; a gum or psyllium has a step of its own, a purée goes in with the flour.
        WORKED_IN = %w[egg curd].freeze

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
        # In the dough beside its flour, its water and what binds it in a step of its own.   @param but [Array<Recipes::Line>]
        def beside(swap, but: [])
          apart = swap.binder && !WORKED_IN.include?(@catalogue.fetch(swap.binder.ingredient).group) ? [swap.binder] : []
          dough - swap.flours - apart - [swap.liquid].compact - but
        end
      end
    end
  end
end
