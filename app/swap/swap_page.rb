# frozen_string_literal: true

module Restauro
  # Works a Swap form out: the recipe read into a dish, every part swapped for who eats and from what the cupboard
  # holds, or the error to show beside what was typed. Whatever goes wrong, the page comes.
  class SwapPage
    include LookedAt

    OURS = "Something went wrong here with this recipe, and it is our mistake. " \
           "What you typed is below: change a line, or empty the page."

    # family, swap: of the part that is looked at; error: what to show; broken: whether it is our mistake
    attr_reader :input, :recipe, :dish, :answer, :error, :broken, :shelf, :eaters, :learnt

    def initialize(input, services)
      @input = input
      @services = services
      @shelf = services.packs.shelf
      @eaters = services.household.eaters
      @learnt = input.by_the_book? ? nil : services.learnt(shelf)
      @book = @shelf.catalogue(services.facts)
      @catalogue = @learnt ? @learnt.catalogue(@book) : @book
      work_out
    end

    # The result as it is kept in the notebook and drawn on the page.   @return [Hash, nil]
    def snapshot
      return unless answer

      @snapshot ||=
        SwapSnapshot.of(answer, shelf: shelf, who: who, catalogue: @catalogue).merge(linked, two_pots, taught)
    end

    # The same with the part that is looked at in front.
    def shown = snapshot && SwapSnapshot.facing(snapshot, active)

    # Sauces kept in the notebook, which a crust can be filled with.
    # @return [Hash{Integer => String}] titles by number
    def sauces = @sauces ||= crust? ? @services.kept_swaps.titles_of("sauce") : {}

    # Every line with what takes its place, or alone where there is no swap.
    def rows
      return snapshot[:rows] if answer

      recipe ? SnapshotRows.unswapped(recipe, @catalogue) : []
    end

    def who = eaters.select { |eater| input.eats?(eater) }
    # Whether a rule of somebody in the house would change this dish, and nobody has said yet who eats.
    def ask_who?
      answer && input.state["eaters"].empty? && input.diets.empty? && eaters.any? { |eater| touched?(eater) }
    end

    # The household's oven as it showed itself, the way this dish is baked.   @return [Learning::Oven, nil]
    def oven = @learnt && answer&.baked? ? @learnt.oven(way: answer.oven&.way) : nil

    # The same dish by the book alone.   @return [Dishes::Answer]
    def book_answer = @book_answer ||= solved_with(@book, @book.equal?(@services.facts) ? @services.memo : nil)

    # Keys of what the cupboard holds and no label speaks against.
    def at_hand = shelf.offered
    attr_reader :catalogue

    private

    def crust? = family.choices.include?(:filling_with)
    # A kept sauce in the place of the recipe's own filling.   @return [FillingLink, nil]
    def filling_link
      return unless input.filling_from

      @filling_link ||= FillingLink.new(@services.kept_swaps.fetch(input.filling_from))
    end

    def two_pots = input.two_pots ? {two_pots: MeetingSnapshot.two_pots(answer, *input.two_pots, @catalogue)} : {}
    # Of all that is made, what is made without wheat.
    def share = input.two_pots&.then { |without, others| without.to_f / (without + others) } || 1.0
    # What this kitchen showed, where it changed something; and all that was counted with, for what is measured to be
    # told from the book.
    def taught = {learnt: TaughtSnapshot.of(self), believed: @learnt&.any? ? BelievedFactors.of(self) : nil}.compact
    def linked = filling_link ? {linked: filling_link.to_h} : {}

    def work_out
      return if input.recipe_text.strip.empty?

      reader = @services.reader(Recipes::UnitClues.system(input.recipe_text, input.system))
      wish = Recipes::ScaleWish.new(input.scale, reader)
      @recipe = read = reader.read(input.recipe_text, corrections: input.corrections)
      Dishes::Refusal.check!(read, @catalogue) unless input.family
      read = filling_link.into(read, @catalogue, @services) if filling_link
      solve(read, wish.factor(read) * share)
      UseUp.new(wish, shelf).call { |factor| solve(read, factor).then { answer } } if wish.use_up
    rescue Families::Undecided => e
      @error = "This could be #{e.candidates[0..-2].join(", ")} or #{e.candidates.last}: say which under “This is”."
    rescue InvalidInput => e
      @error = e.message
    rescue Sequel::Error
      raise
    rescue StandardError => e
      mistake(e)
    end

    # Our own slip: the log has where, the page only that.
    def mistake(error)
      @error, @broken, @answer, @dish = OURS, true, nil, nil
      warn "swap: #{error.class}: #{error.message.to_s[0, 300]}\n#{Array(error.backtrace).first(8).join("\n")}"
    end

    def solve(read, factor)
      @recipe = Recipes::Scale.of(read, factor, catalogue: @catalogue)
      parts = Dishes::Partition.of(@recipe, @catalogue, family: input.family, given: input.given_parts)
      # A part that another recipe does not have was another recipe's.
      @dish = Dishes::Sized.of(parts, input.sizes.slice(*parts.parts.map(&:name)), @catalogue)
      @answer = solved_with(@catalogue, memo)
      @answer = @answer.in_oven(oven) if oven && !oven.plain?
    end

    def solved_with(catalogue, memo)
      choices = SwapChoices.new(self, input, @services).to_dish(@dish)
      Dishes::Solver.call(@dish, choices, catalogue: catalogue, memo: memo)
    end

    # With a flour of the cook's own in the cupboard every answer is worked out anew.
    def memo = @catalogue.equal?(@services.facts) ? @services.memo : nil

    def touched?(eater) =
      eater.diets.any? && Diets::Exclusion.of(eater.diets, @catalogue).held_in(recipe_lines, @catalogue).any?
    # Flour is replaced whoever eats; what else holds gluten or an allergen is what a rule is about.
    def recipe_lines =
      answer.lines.select { |line| line.ingredient && !@catalogue.fetch(line.ingredient).contains_gluten? }
  end
end
