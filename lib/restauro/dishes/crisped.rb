# frozen_string_literal: true

module Restauro
  module Dishes
    # A boiled dough that is fried after, until it has a crust; and onions in rings that are turned in a spoon of flour
    # and fried, to lie on top.   Common practice.
    module Crisped
      BY_STEP, BY_NAME = DataFiles.words("dishes/words.yml").values_at(:fried_after_boiling, :fried_after_by_name)
      ONIONS = DataFiles.words("dishes/words.yml").fetch(:onions)
      WET = %w[liquid puree].freeze
      DUST = %w[flour starch thickener].freeze
      private_constant :BY_STEP, :BY_NAME, :ONIONS, :WET, :DUST

      module_function

      # In the fat of what it is turned in.   @param recipe [Recipes::Recipe]   @param lines [Array<Recipes::Line>]
      def dough?(recipe, lines) =
        said?(recipe) && lines.any? { |line| line.role == "fat" } &&
          lines.none? { |line| WET.include?(line.role) || line.ingredient == "tomato_passata" }

      # @param recipe [Recipes::Recipe]   @return [Boolean] whether its name or a step fries it
      def said?(recipe) =
        recipe.title.to_s.match?(BY_NAME) || recipe.steps.any? { |line| line.text.match?(BY_STEP) }

      # @param lines [Array<Recipes::Line>] of what goes over a dough
      # @return [Array<Recipes::Line>] the onions, what they are turned in and their fat; none where it is otherwise
      def onions(lines)
        dust = lines.select { |line| DUST.include?(line.role) }
        rings = lines.select { |line| line.text.match?(ONIONS) }
        return [] if dust.empty? || rings.empty? || lines.any? { |line| line.role == "liquid" }

        rings + dust + lines.select { |line| line.role == "fat" }
      end
    end
  end
end
