module Restauro
  # Works a Swap form out: recipe read, swap solved, or the error to show beside what was typed.
  class SwapPage
    attr_reader :input, :recipe, :swap, :error, :family

    def initialize(input, services)
      @input = input
      @services = services
      @family = Families.fetch("sauce", services.catalogue)
      work_out
    end

    # The result as it is kept in the notebook and drawn on the page.   @return [Hash, nil]
    def snapshot = swap && (@snapshot ||= SwapSnapshot.of(family, swap))

    # Every line with what takes its place, or alone where there is no swap.
    def rows
      return snapshot[:rows] if swap

      recipe ? SwapSnapshot.unswapped_rows(recipe, @services.catalogue) : []
    end

    private

    def work_out
      return if input.recipe_text.strip.empty?

      @recipe = family.read(@services.reader(input.system).read(input.recipe_text, corrections: input.corrections))
      @swap = family.swap(@recipe, family.options(**input.options))
    rescue InvalidInput => e
      @error = e.message
    end
  end
end
