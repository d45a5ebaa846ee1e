# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # More fat than liquid, held by eggs and no starch: hollandaise, mayonnaise. Nothing in it pastes, nothing boils.
      module Emulsion
        THICKENS = %w[flour starch thickener binder crumb].freeze
        private_constant :THICKENS

        module_function

        # Sugar or fruit makes a curd of it.   @param recipe [Recipes::Recipe]   @return [Boolean]
        def of?(recipe)
          lines = recipe.ingredients
          grams = ->(*roles) { lines.sum(0.0) { |line| roles.include?(line.role) ? line.grams&.value.to_f : 0.0 } }
          other = lines.any? { |line| THICKENS.include?(line.role) || (line.role == "other" && line.ingredient) }
          !other && grams["egg"].positive? && grams["fat"] > grams["liquid", "acid"]
        end
      end
    end
  end
end
