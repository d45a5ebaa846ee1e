# frozen_string_literal: true

module Restauro
  module Families
    # A recipe's own minutes beside the ones that are reckoned.
    module BesideTheRecipe
      module_function

      # @param told [Float, nil] min   @param reckoned [Float, nil] min
      # @return [String, nil] both, where they lie a minute or more apart
      def words(told, reckoned)
        return unless told && reckoned && (told - reckoned).abs >= 1

        "the recipe says #{rounded(told)} min, reckoned are #{rounded(reckoned)}"
      end

      # Short times to half a minute, never less than they are.   @param minutes [Float]   @return [String]
      def rounded(minutes) =
        Recipes::WeighedLine.tenths(minutes < 10 ? (2 * minutes).ceil / 2.0 : minutes.round)
    end
  end
end
