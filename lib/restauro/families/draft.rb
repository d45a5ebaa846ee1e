module Restauro
  module Families
    # A dish being written: each wheat line with those in its place. Every change is a new draft.
    class Draft
      attr_reader :pairs

      # @param recipe [Recipes::Recipe]   @param replaced [Array<Recipes::Line>] wheat lines taken out
      # @param substitutes [Array<Diets::Substitution>]
      # @param flours [Array<Ingredient>] that take the flour's place, weight for weight
      def self.start(recipe, catalogue, replaced, substitutes, flours)
        draft = new(recipe, catalogue, [])
        total = replaced.sum { |line| line.grams.value }
        lines = recipe.lines.reject do |line|
          line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text))
        end
        draft.with(
          lines.map do |line|
            if line.equal?(replaced.first)
              next line, flours.map { |flour| draft.line(flour, total / flours.length, "flour", line.part) }
            end
            next line, [] if replaced.any? { |old| old.equal?(line) }

            [line, substitutes.find { |found| found.line.equal?(line) && found.found? }&.lines || [line]]
          end
        )
      end

      def initialize(recipe, catalogue, pairs)
        @recipe = recipe
        @catalogue = catalogue
        @pairs = pairs.freeze
        freeze
      end

      # The same with other pairs.   @return [Draft]
      def with(pairs) = Draft.new(@recipe, @catalogue, pairs)
      # @return [Array<Recipes::Line>] all of ours
      def lines = pairs.flat_map(&:last)
      # @return [Recipes::Recipe] of our lines
      def recipe = @recipe.with(lines: lines)
      # @return [Array<Array(Ingredient, Float)>] g of each counted line
      def weights =
        lines.select { |line| line.counted? && !line.before_a_batter? }
          .map { |line| [@catalogue.fetch(line.ingredient), line.grams.value] }
      # The liquid that is most of it.   @return [Recipes::Line, nil]
      def main_liquid =
        lines.select { |line| line.role == "liquid" && line.counted? }.max_by { |line| line.grams.value }
      # @return [Array<Recipes::Line>] the flours that were written here
      def fresh_flours = lines.select { |line| line.added && line.role == "flour" }

      # The same line with other grams.
      def weigh(old, grams)
        fresh = line(@catalogue.fetch(old.ingredient), grams, old.role, old.part, added: old.added)
        with(pairs.map { |wheat, ours| [wheat, ours.map { |candidate| candidate.equal?(old) ? fresh : candidate }] })
      end

      # @param gone [Array<Recipes::Line>] ours that are in another line now   @return [Draft]
      def without(gone) =
        with(pairs.map { |wheat, ours| [wheat, ours.reject { |line| gone.any? { |one| one.equal?(line) } }] })

      # One more line, at the end.
      def add(ingredient, grams, role)
        *head, last = pairs
        with([*head, [last.first, last.last + [line(ingredient, grams, role, last.first.part)]]])
      end

      # By weight alone: kitchen measures are looked for once, at the end.
      def line(ingredient, grams, role, part, added: true)
        Recipes::WeighedLine.of(ingredient, grams, role: role, part: part, added: added)
      end

      # With the nearest kitchen measure on every line that was written here.
      def measured
        units = KitchenUnits.of(@recipe.system)
        with(
          pairs.map do |wheat, ours|
            [wheat, ours.map { |line| line.equal?(wheat) || line.amount_text ? line : with_measure(line, units) }]
          end
        )
      end

      private

      def with_measure(line, units)
        return line unless line.counted?

        Recipes::WeighedLine.of(
          @catalogue.fetch(line.ingredient),
          line.grams.value,
          role: line.role,
          part: line.part,
          units: units,
          added: line.added
        )
      end
    end
  end
end
