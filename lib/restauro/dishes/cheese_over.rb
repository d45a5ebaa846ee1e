# frozen_string_literal: true

module Restauro
  module Dishes
    # Cheese that a step scatters over what is baked or grilled, and none of it is stirred into the sauce.
    class CheeseOver
      STREWS, STIRS = DataFiles.words("dishes/words.yml").values_at(:strews, :stirs_in)
      private_constant :STREWS, :STIRS

      # @param recipe [Recipes::Recipe] of the dish
      def initialize(recipe)
        said = Said.of(recipe)
        @browned = said.baked || said.grills
        @sentences = Recipes::Sentences.of_steps(recipe.lines)
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the rest of them, and the cheese
      def split(lines)
        # A custard holds what is scattered in its case.
        return if lines.any? { |line| line.role == "egg" }
        return unless @browned && lines.one? { |line| line.role == "cheese" }

        cheese = lines.find { |line| line.role == "cheese" }
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
