# frozen_string_literal: true

module Restauro
  module Dishes
    # A boiled dough that is fried after, until it has a crust; and onions in rings that are turned in a spoon of flour
    # and fried, or baked on a tray, to lie on top.   Common practice.
    module Crisped
      BY_STEP, BY_NAME = DataFiles.words("dishes/words.yml").values_at(:fried_after_boiling, :fried_after_by_name)
      ONIONS, TOSSED, BAKES = DataFiles.words("dishes/words.yml").values_at(:onions, :onions_tossed, :bakes)
      NAME = "Crisp onions"
      WET = %w[liquid puree].freeze
      DUST = %w[flour starch thickener].freeze
      private_constant :BY_STEP, :BY_NAME, :ONIONS, :TOSSED, :BAKES, :WET, :DUST

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

      # Onions that a step tosses in flour, at the end of a list of what they go over.
      # @param recipe [Recipes::Recipe]   @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the rest, and the onions with their dust
      def split(recipe, lines)
        at = lines.rindex { |line| line.text.match?(ONIONS) }
        return unless at && Recipes::Sentences.of_steps(recipe.lines).grep(TOSSED).any?

        top = [lines[at], *lines[(at + 1)..].take_while { |line| [*DUST, "crumb", "seasoning"].include?(line.role) }]
        [lines - top, top] if onions(top).any? && (lines - top).any? { |line| DUST.include?(line.role) }
      end

      # Where the step has them on a tray: its sentence, or the next.   @param sentences [Array<String>]
      # @return [String, nil] the one that bakes them
      def baked(sentences)
        at = sentences.index { |text| text.match?(TOSSED) }
        at && sentences[at, 2].find { |text| text.match?(BAKES) && OvenSaid.of(text) }
      end
    end
  end
end
