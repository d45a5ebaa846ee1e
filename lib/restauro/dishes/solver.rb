# frozen_string_literal: true

module Restauro
  module Dishes
    # Every part of a dish swapped, in the order in which one gives another what it needs: what fills a crust or a piece
    # before the crust, a sauce in a pie thick enough to cut, a croquette's base very thick.
    class Solver
      # @param dish [Dish]
      # @param choices [Choices]
      # @param memo [Memo, nil] parts solved before, with this very catalogue
      # @return [Answer]   @raise [InvalidInput]
      def self.call(dish, choices, catalogue:, memo: nil) = new(dish, choices, catalogue, memo).answer

      def initialize(dish, choices, catalogue, memo = nil)
        @dish = dish
        @choices = choices
        @memo = memo
        @catalogue = catalogue
        @exclusion = Diets::Exclusion.of(choices.without, catalogue)
        @answers = {}
      end

      # @return [Answer]   @raise [InvalidInput] where a part cannot be made for who eats
      def answer
        order.each { |index| @answers[index] = solve(index) }
        guests_home
        floured_board
        Answer.new(
          dish: @dish,
          parts: @dish.parts.each_index.map { |index| @answers.fetch(index) },
          catalogue: @catalogue,
          pan: @choices.pan
        )
      end

      private

      def parts = @dish.parts
      def family(index) = parts[index].family && Families.fetch(parts[index].family, @catalogue)
      def host?(index) = guests(index).any?

      # What goes into a crust or a filled piece stands before it.
      def order = parts.each_index.sort_by { |index| [host?(index) ? 1 : 0, index] }

      # Parts that this one holds: lined or covered by a crust, or inside a piece.
      def guests(index) = family(index)&.holds(Place.new(@dish, index)).to_a

      def solve(index)
        part = parts[index]
        return swap_of(family(index), part, index) if part.family

        Plain.new(
          part,
          @catalogue,
          @exclusion,
          coats: @dish.joins_from(index).any? { |join| join.how == "coats" },
          simmer_minutes: Place.new(@dish, index).simmer&.minutes
        ).answer
      end

      def swap_of(family, part, index)
        recipe = family.read(with_guests(part, index))
        options = @choices.options(family, @dish, index, recipe)
        solved = -> { swapped(family, part, recipe, options) }
        # The same lines and choices under another name are the same answer.
        @memo ? @memo.fetch([part.family, recipe.lines, recipe.system, options], &solved).with(part: part) : solved.call
      rescue InvalidInput => e
        raise if @dish.one_part?

        raise InvalidInput, "in the part '#{part.name}': #{e.message}"
      end

      def swapped(family, part, recipe, options)
        swap = family.swap(recipe, options)
        PartAnswer.new(
          part: part,
          family: family,
          swap: swap,
          pairs: swap.pairs.reject { |line, _| line.words? }.freeze,
          steps: family.steps(swap).freeze,
          warnings: swap.warnings,
          substitutions: swap.substitutions
        )
      end

      # The host sees its guests' lines as its filling: as they were read where it makes them itself, as they were made
      # where a part of their own did.
      def with_guests(part, index)
        lines = guests(index).flat_map { |guest| guest_lines(guest) }
        lines.empty? ? part.recipe : part.recipe.with(lines: part.recipe.lines + lines)
      end

      def guest_lines(guest)
        made = parts[guest].family
        lines = made ? @answers.fetch(guest).lines : parts[guest].lines
        lines.map { |line| line.with(part: made ? Families::Crust::Parts::MADE : Families::Crust::Parts::NAME) }
      end

      # What a host has made of its guests' lines goes back to their own parts.
      def guests_home
        parts.each_index.select { |index| host?(index) && guests(index).any? }.each { |index| send_home(index) }
      end

      def send_home(index)
        host = @answers.fetch(index)
        own, filling = host.pairs.partition { |line, _| parts[index].lines.any? { |mine| same?(mine, line) } }
        given = guests(index).flat_map { |guest| parts[guest].lines }
        made =
          own +
          filling.reject do |line, _|
            Families::Crust::Parts.filling?(line) || given.any? { |theirs| same?(theirs, line) }
          end
        plain = guests(index).reject { |guest| parts[guest].family }
        plain.each { |guest| @answers[guest] = home(guest, filling) }
        @answers[index] = host.with(pairs: made.freeze)
      end

      def home(guest, filling)
        lines = parts[guest].lines
        pairs = filling.select { |line, _| lines.any? { |mine| same?(mine, line) } }
        @answers.fetch(guest).with(pairs: pairs.freeze, steps: [].freeze, warnings: [].freeze)
      end

      # Flour for the board stands with the dough's own.
      def floured_board
        return if @dish.board.empty?

        at, fresh = BoardFlour.new_flour(@answers, @catalogue, @exclusion)
        beside = Families::WheatElsewhere.new(@catalogue, flour: -> { fresh }, exclusion: @exclusion,
                                                          units: KitchenUnits.of(@dish.recipe.system))
        @answers[at] = BoardFlour.beside(@answers.fetch(at), @dish.board, beside)
      end

      def same?(mine, line) =
        mine.equal?(line) || (mine.text == line.text && mine.grams == line.grams && mine.ingredient == line.ingredient)
    end
  end
end
