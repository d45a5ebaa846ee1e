module Restauro
  # Works a Swap form out: recipe read, swap solved for who eats and from what the cupboard holds, or the error to show beside what was typed.
  class SwapPage
    attr_reader :input, :recipe, :swap, :error, :family, :shelf, :eaters

    def initialize(input, services)
      @input = input
      @services = services
      @shelf = services.packs.shelf
      @eaters = services.household.eaters
      @catalogue = @shelf.catalogue(services.facts)
      @family = Families.fetch("sauce", @catalogue)
      work_out
    end

    # What the page shows the choices of: the family, and the shape of a dough.
    def face = swap && family.is_a?(Families::Dough) ? "#{family.key} #{swap.ours.options.shape}" : family.key

    # The result as it is kept in the notebook and drawn on the page.   @return [Hash, nil]
    def snapshot = swap && (@snapshot ||= SwapSnapshot.of(family, swap, shelf: shelf, who: who).merge(linked))

    # Sauces kept in the notebook, which a crust can be filled with.   @return [Hash{Integer => String}] titles by number
    def sauces = crust? ? @services.kept_swaps.list.select { |kept| kept.family == "sauce" }.to_h { |kept| [kept.id, kept.title] } : {}

    # The sauce at the moment the cook wants to look at, as a moment of the snapshot, with its minute.   @return [Hash, nil]
    def looked_at
      return unless swap && input.look && family.key == "sauce"

      seconds = input.look * (swap.ours.cooling.last || swap.ours.course.last).seconds
      moment = Families::Sauce::LookFors.at(swap.ours, seconds)
      moment && SauceSnapshot.moment(moment).merge(minute: seconds / 60)
    end

    # Every line with what takes its place, or alone where there is no swap.
    def rows
      return snapshot[:rows] if swap

      recipe ? SwapSnapshot.unswapped_rows(recipe, family.catalogue) : []
    end

    # Everything the cook has chosen, on their own stove, for who eats.   @return the family's own options   @raise [InvalidInput]
    def options
      own = {**input.options(family, @catalogue), **stove_and_events, without: without, offer: at_hand}
      family.options(**(filling_link ? filling_link.options.merge(own) : own))
    end

    # Keys of what the cupboard holds.
    def at_hand = shelf.map(&:key).uniq.select { |key| shelf.holds?(key) }

    private

    def crust? = family.key == "crust"
    # A kept sauce in the place of the recipe's own filling.   @return [FillingLink, nil]
    def filling_link = crust? && input.filling_from ? (@filling_link ||= FillingLink.new(@services.kept_swaps.fetch(input.filling_from))) : nil
    def linked = filling_link ? {linked: filling_link.to_h} : {}

    # What happens on the hob, which a sauce alone knows of. A stove that was measured counts as it was measured.
    def stove_and_events
      return {} unless family.key == "sauce"

      events = {events: Happenings.new(input.happens, family, @services.reader(input.system)).events}
      known = @services.household.stove or return events
      {**events, watts: known["watts"][input.hob]&.to_f, pan_cm: known["pan_cm"]}
    end

    def work_out
      return if input.recipe_text.strip.empty?

      reader = @services.reader(input.system)
      wish = Recipes::ScaleWish.new(input.scale, reader)
      read = reader.read(input.recipe_text, corrections: input.corrections)
      @recipe = read
      @family = input.family ? Families.fetch(input.family, @catalogue) : Families.detect(read, @catalogue)
      read = filling_link.into(read, @catalogue, @services) if filling_link
      swap_scaled(read, wish.factor(read))
      use_up(read, wish) if wish.use_up
    rescue Families::Undecided => e
      @error = undecided(e.candidates)
    rescue InvalidInput => e
      @error = e.message
    end

    def undecided(candidates)
      "This could be #{candidates[0..-2].join(", ")} or #{candidates.last}: say which under “This is”."
    end

    def swap_scaled(read, factor)
      @recipe = family.read(Recipes::Scale.of(read, factor, catalogue: family.catalogue))
      @swap = family.swap(@recipe, options)
    end

    # As much as uses a pack up. What a dish takes is nearly in proportion to its size: twice is close enough to a gram.
    def use_up(read, wish)
      factor = 1.0
      2.times { swap_scaled(read, factor *= left_of(wish) / taken_of(wish)) }
    end

    def left_of(wish)
      grams = shelf.grams_left(wish.ingredient_named(wish.use_up))
      grams.positive? ? grams : raise(InvalidInput, "there is no #{wish.use_up} in the cupboard to use up")
    end

    def taken_of(wish)
      key = wish.ingredient_named(wish.use_up)
      lines = swap.ours.recipe.ingredients.select { |line| line.ingredient == key && line.counted? }
      lines.any? ? lines.sum { |line| line.grams.value } : raise(InvalidInput, "this dish takes no #{wish.use_up}: choose it as the thickener first")
    end

    def without = (input.diets + who.flat_map(&:diets)).uniq
    def who = eaters.select { |eater| input.eats?(eater) }
  end
end
