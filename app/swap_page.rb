module Restauro
  # Works a Swap form out: recipe read, swap solved for who eats and from what the cupboard holds, or the error to show beside what was typed.
  class SwapPage
    attr_reader :input, :recipe, :swap, :error, :family, :shelf, :eaters

    def initialize(input, services)
      @input = input
      @services = services
      @shelf = services.packs.shelf
      @eaters = services.household.eaters
      @family = Families.fetch("sauce", @shelf.catalogue(services.facts))
      work_out
    end

    # The result as it is kept in the notebook and drawn on the page.   @return [Hash, nil]
    def snapshot = swap && (@snapshot ||= SwapSnapshot.of(family, swap, shelf: shelf, who: who))

    # Every line with what takes its place, or alone where there is no swap.
    def rows
      return snapshot[:rows] if swap

      recipe ? SwapSnapshot.unswapped_rows(recipe, family.catalogue) : []
    end

    private

    def work_out
      return if input.recipe_text.strip.empty?

      read = @services.reader(input.system).read(input.recipe_text, corrections: input.corrections)
      @recipe = family.read(Recipes::Scale.of(read, input.scale, catalogue: family.catalogue))
      @swap = family.swap(@recipe, family.options(**input.options, without: without, offer: shelf.map(&:key).uniq.select { |key| shelf.holds?(key) }))
    rescue InvalidInput => e
      @error = e.message
    end

    def without = (input.diets + who.flat_map(&:diets)).uniq
    def who = eaters.select { |eater| input.eats?(eater) }
  end
end
