# frozen_string_literal: true

module Restauro
  module Dishes
    # Cheese that a step scatters over what is baked or grilled, and none of it is stirred into the sauce: of one whose
    # rest goes over, the first share does not.
    class CheeseOver
      STREWS, STIRS = DataFiles.words("dishes/words.yml").values_at(:strews, :stirs_in)
      private_constant :STREWS, :STIRS

      # @param recipe [Recipes::Recipe] of the dish
      def initialize(recipe)
        said = Said.of(recipe)
        @browned = said.baked || said.grills
        @sentences = Recipes::Sentences.of_steps(recipe.lines)
        @rests = recipe.ingredients.select { |line| line.role == "cheese" && line.part == Recipes::RestOver::HEADING }
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the rest of them, and the cheese
      def split(lines)
        # A custard holds what is scattered in its case.
        return if lines.any? { |line| line.role == "egg" }
        return unless @browned && lines.one? { |line| line.role == "cheese" }

        cheese = lines.find { |line| line.role == "cheese" }
        return if @rests.any? { |rest| rest.source == cheese.source }
        return unless said?(STREWS, cheese) && !said?(STIRS, cheese) && lines.any? { |line| sauce?(line) }

        [lines - [cheese], [cheese]]
      end

      private

      def sauce?(line) = line.role == "liquid" && line.grams
      # A verb, and what it is done to, by its name or as "the cheese".
      def said?(verbs, cheese)
        names = ["cheese", *Timing.stems(cheese.name_text.to_s[/\A[^,(]*/].to_s)].map { |name| Regexp.escape(name) }
        @sentences.any? { |text| text.match?(/(?:#{verbs.source})[^.;]{0,60}\b(?:#{names.join("|")})/i) }
      end
    end
  end
end
