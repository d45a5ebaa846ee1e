# frozen_string_literal: true

module Restauro
  module Dishes
    # What takes the place of flour for the board: the flour that the dough is made of, else the first that is new.
    module BoardFlour
      module_function

      # @param answers [Hash{Integer => PartAnswer}]   @return [Array(Integer, Ingredient)] whose flour, and what it is
      # @param exclusion [Diets::Exclusion]   @raise [InvalidInput] where nothing to dust with may be eaten
      def new_flour(answers, catalogue, exclusion)
        found = answers.sort.filter_map { |at, answer| flour_of(answer, catalogue)&.then { |line| [at, line] } }
        at, line = found.max_by { |_, one| one.grams.value }
        [at || answers.keys.min, line ? catalogue.fetch(line.ingredient) : any(catalogue, exclusion)]
      end

      # What a coat is dusted with.
      def any(catalogue, exclusion)
        Families::Breading::Swapper::DUSTS.map { |key| catalogue.fetch(key) }.find { |one| exclusion.allows?(one) } or
          raise InvalidInput, "no flour or starch to dust with is left; leave out less"
      end

      # @return [Recipes::Line, nil] the most of the starchy lines that are new
      def flour_of(answer, catalogue)
        answer.lines.select { |line| line.added && line.grams && catalogue.find_key(line.ingredient)&.starchy? }
              .max_by { |line| line.grams.value }
      end

      # @param answer [PartAnswer]   @param board [Array<Recipes::Line>]   @param elsewhere [Families::WheatElsewhere]
      # @return [PartAnswer] with those lines at its end, each without gluten
      def beside(answer, board, elsewhere)
        pairs = board.map { |line| [line, elsewhere.in_place_of(line) || [line]] }
        answer.with(pairs: (answer.pairs + pairs).freeze)
      end
      private_class_method :any, :flour_of
    end
  end
end
