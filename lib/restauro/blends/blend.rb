module Restauro
  module Blends
    # A designed blend.   parts Array of [Ingredient, grams] · purpose Purpose · properties name => {blend, wheat} ·
    # cost_per_kg Float or nil
    #   status "optimal" or "relaxed" · gap, bound, objective of the solver · relaxed Array of limits that had to give
    #   way, in words
    Blend = Value.of(:parts, :purpose, :properties, :cost_per_kg, :status, :gap, :bound, :objective, :relaxed) do
      def grams = parts.sum(0.0, &:last)

      # The blend as an ingredient of its own.   @return [Ingredient]
      def ingredient(key:, name:) = Mixed.ingredient(parts, key: key, name: name)

      def to_h
        {
          parts: parts.map { |part, g| {ingredient: part.key, grams: g} },
          properties: properties,
          cost_per_kg: cost_per_kg&.round(2),
          status: status,
          gap: gap.round(6),
          bound: bound.round(6),
          objective: objective.round(6),
          relaxed: relaxed
        }
      end
    end
  end
end
