# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # The lines of our dough by what is done with them: in the dough, in its filling, on the bench, at the table.
      # Nothing is left over.
      class Lines
        # Groups of binders that go in with the rest; a gum or psyllium has a step of its own, a purée goes in with the
        # flour.
        WORKED_IN = %w[egg curd].freeze

        def initialize(swap, catalogue)
          @catalogue = catalogue
          @recipe = swap.ours.recipe
          freeze
        end

        # @return [Array<Recipes::Line>] what is mixed, but for the root
        def dough = Recipes::Parts.dough(@recipe) - mash
        # The root that it is made of, raw or mashed.
        def mash =
          Recipes::Parts
            .dough(@recipe)
            .select { |line| line.ingredient && Contents.mash(line.ingredient) && !line.added }
        # @return [Array<Recipes::Line>] curd that the recipe has of itself
        def curds = dough.select { |line| !line.added && @catalogue.find_key(line.ingredient)&.group == "curd" }
        # @return [Array<Recipes::Line>] what goes inside
        def filling = Recipes::Parts.filling(@recipe)
        # @return [Array<Recipes::Line>] what is only for the board
        def bench = Recipes::Parts.of(@recipe, :bench)
        # @return [Array<Recipes::Line>] what goes to the table with it
        def aside = Recipes::Parts.of(@recipe, :aside)
        # In the dough beside its flour, its water and what binds it in a step of its own.
        # @param but [Array<Recipes::Line>]
        def beside(swap, but: [])
          apart =
            swap.binder && !WORKED_IN.include?(@catalogue.fetch(swap.binder.ingredient).group) ? [swap.binder] : []
          dough - swap.flours - apart - [swap.liquid].compact - but
        end
      end
    end
  end
end
