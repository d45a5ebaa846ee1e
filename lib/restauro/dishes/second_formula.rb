# frozen_string_literal: true

module Restauro
  module Dishes
    # Where a list without headings holds more than one formula: a second flour with a fat or a liquid of its own,
    # crumbs to scatter over a sauce, fruit beside a crust.
    class SecondFormula
      include BeginsAgain

      FRIED = DataFiles.words("dishes/words.yml").fetch(:fried)
      STRUDEL = DataFiles.words("dishes/words.yml").fetch(:strudel)
      FLAKES = DataFiles.words("dishes/words.yml").fetch(:flakes)
      # Written behind the crumbs, and meant for the sauce: mustard, nutmeg.
      OFF_CRUMBS = DataFiles.words("dishes/words.yml").fetch(:off_crumbs)
      # Oats right before crumbs are mixed with them.   @param line [Recipes::Line]
      def self.flakes?(line) = line.text.match?(FLAKES)

      # @param catalogue [Catalogue]
      # @param recipe [Recipes::Recipe] whose title, lines and steps say whether it is fried
      def initialize(catalogue, recipe)
        @catalogue = catalogue
        @fried = recipe.lines.any? { |line| line.text.match?(FRIED) }
        @strudel = recipe.title.to_s.match?(STRUDEL)
        @baked = Said.of(recipe).baked
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one heading   @return [Array<Array<Recipes::Line>>] one list, or more
      def split(lines)
        cut = second_flour(lines) || coat_behind(lines) || (top = crumb_top(lines))
        return [lines] unless cut&.positive? && cut < lines.length

        ahead, behind = lines[0...cut], lines[cut..]
        back = top ? behind.select { |line| line.text.match?(OFF_CRUMBS) } : []
        [ahead + back, *split(behind - back)]
      end

      private

      def group(line) = @catalogue.find_key(line.ingredient)&.group
      def flour?(line) = line.counted? && @catalogue.fetch(line.ingredient).starchy? && group(line) != "meal"
      def wheat?(line) = flour?(line) && @catalogue.fetch(line.ingredient).contains_gluten?
      def liquid?(line) = line.role == "liquid" && line.grams && line.grams.value > least_g
      def least_g = Constants.fetch(:dishes, :second_liquid_g)

      # A flour stands a second time, and what comes between the two, or after the second, repeats what the first had.
      # @return [Integer, nil]
      def second_flour(lines)
        first = lines.index { |line| wheat?(line) } or return
        second =
          ((first + 1)...lines.length).find { |index| thickens?(lines, index) && own_formula?(lines, first, index) } or
          return
        start(lines, first, second)
      end

      # Flour; or a spoon of starch in what no batter is poured with.
      def thickens?(lines, index)
        line = lines[index]
        return wheat?(line) unless group(line) == "starch" && line.counted?

        line.grams.value <= least_g && lines.drop(index - 1).any? { |one| pot?(one) }
      end

      # The second has a fat or a liquid of its own, and the first is whole without them.
      def own_formula?(lines, first, second)
        from = start(lines, first, second)
        ahead, after = lines[0...from], lines[from..]
        whole?(ahead) && after.any? { |line| line.role == "fat" || liquid?(line) } &&
          (after.any? { |line| liquid?(line) } || crumble?(after))
      end

      def whole?(lines)
        lines.any? { |line| liquid?(line) || %w[egg crumb puree cheese].include?(line.role) || line.role == "fat" } &&
          lines.any? { |line| flour?(line) }
      end

      def crumble?(lines) = lines.any? { |line| line.role == "fat" } && lines.any? { |line| flour?(line) }

      # Egg and crumbs at the end of what is fried go around it.   @return [Integer, nil]
      def coat_behind(lines)
        crumbs = lines.index { |line| line.role == "crumb" } or return
        return unless @fried && crumbs.positive? && lines[crumbs - 1].role == "egg"

        ahead = lines[0...(crumbs - 1)]
        crumbs - 1 if ahead.any? { |line| liquid?(line) } && ahead.any? { |line| flour?(line) }
      end

      # Crumbs behind a sauce, with the fat after them.   @return [Integer, nil]
      def crumb_top(lines)
        index = lines.index { |line| strewn?(line) } or return
        # On the sheet under the fruit of a strudel, and never over it.
        return if @strudel

        ahead = lines[0...index]
        # Meal right before them is a coat with them.
        return if (@fried || lines.any?(&:to_fry_in?)) && group(lines[index - 1]) == "meal"
        return unless ahead.any? { |line| flour?(line) || line.ingredient == "wheat_pasta" }

        poured = ahead.sum { |line| liquid?(line) ? line.grams.value : 0.0 }
        index -= 1 while index > 1 && SecondFormula.flakes?(lines[index - 1])
        index - (melted_for_them?(lines, index) ? 1 : 0) if poured > 2 * lines[index].grams&.value.to_f
      end

      def strewn?(line) = (line.role == "crumb" && line.grams) || (@baked && line.text.match?(LineKinds::CRISP))

      # Fat right before the crumbs, where the sauce has its own.
      def melted_for_them?(lines, index)
        lines[index - 1].role == "fat" && lines[0...(index - 1)].any? { |line| line.role == "fat" }
      end
    end
  end
end
