# frozen_string_literal: true

module Restauro
  module Families
    # What of a recipe is pieces that flour or crumbs go around.   Needs @recipe, grams and laid?.
    module DetectionPieces
      PIECES = DataFiles.words("heat/words.yml").fetch(:cut_up)
      private_constant :PIECES

      private

      # To coat: vegetables too.
      def anything? =
        unweighed_piece? || @recipe.ingredients.any? { |line| %w[other cheese].include?(line.role) && line.grams }

      # With an amount, and nobody knows what it is.
      def unknown_piece? =
        @recipe.ingredients.any? { |line| line.role == "other" && !line.understood && line.amount_text }

      def unweighed_piece? = @recipe.ingredients.any? { |line| line.by_the_piece? && line.grams.nil? }

      # What is floured and fried whole, or in cubes and slices: cheese, tofu and vegetables too.
      def pieces_g =
        @recipe.ingredients.sum(0.0) { |line| piece?(line) && line.grams ? line.grams.value : 0.0 }

      def piece?(line)
        return true if line.by_the_piece? || (line.role == "cheese" && line.text.match?(PIECES))

        @recipe.ingredients.any?(&:to_fry_in?) && (line.kind == "whole_meat" || only_floured?(line))
      end

      def only_floured?(line) =
        line.role == "other" && line.text.match?(PIECES) && (grams("egg").zero? || laid?) && grams("leavener").zero?
    end
  end
end
