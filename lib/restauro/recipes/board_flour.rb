# frozen_string_literal: true

module Restauro
  module Recipes
    # Flour for the board and the hands, on a line of its own and of no amount, where the dish has flour besides: it is
    # in no dough, coat or sauce, wherever it stands in the list.
    module BoardFlour
      BOARD, DUSTS, MORE = DataFiles.words("recipes/words.yml").values_at(:for_the_board, :for_dusting, :more_flour)
      DOUGHS = Regexp.union(*DataFiles.words("families/words.yml").values_at(:gnocchi, :pasta, :crust))
      STARCHY = %w[flour starch thickener].freeze
      private_constant :BOARD, :DUSTS, :MORE, :DOUGHS, :STARCHY

      module_function

      # @param recipe [Recipe]   @return [Array<Line>] such lines of it
      def among(recipe)
        starchy, others = recipe.ingredients.partition { |line| STARCHY.include?(line.role) }
        dough = recipe.title.to_s.match?(DOUGHS) || others.any? { |line| line.role == "crumb" }
        pieces = !dough && others.any? { |line| ToDredge.piece?(line) }
        board = starchy.select { |line| line.grams.nil? && line.amount_text.nil? && said?(line, pieces) }
        board.length < starchy.length ? board : []
      end

      # What pieces are dusted with is their coat, unless that is of crumbs, with flour of its own.
      def said?(line, pieces) =
        line.text.match?(BOARD) || (!pieces && [DUSTS, MORE].any? { |words| line.text.match?(words) })
      private_class_method :said?
    end
  end
end
