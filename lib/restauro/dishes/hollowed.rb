# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables that are hollowed and filled by the dish's name: "Stuffed peppers", "gefüllte Zucchini", which go into
    # the oven raw, or nearly; and leaves that are rolled around a filling.
    module Hollowed
      STUFFED, THINGS, LEAF_ROLLS, LEAVES =
        DataFiles.words("dishes/words.yml").values_at(:hollowed_by_name, :hollowed, :leaf_rolls, :leaves_to_roll)
      # Letters: enough of a word to know it in the plural.
      STEM = 5
      private_constant :STUFFED, :THINGS, :LEAF_ROLLS, :LEAVES, :STEM

      module_function

      # Vegetables in a list of their own, and what goes into them under its heading: one part.
      # @param groups [Array<Grouping::Group>]   @return [Array<Grouping::Group>]
      def together(groups, recipe)
        filling = groups.find { |group| group.label.to_s.match?(Recipes::Parts::FILLING) }
        alone = groups.find { |group| group.lines.one? && host(recipe, group.lines) }
        return groups unless filling && alone && filling.lines.none? { |line| line.role == "flour" }

        one = Grouping::Group.new(nil, alone.lines + filling.lines.map { |line| line.with(part: nil) })
        groups.filter_map { |group| group.equal?(alone) ? one : (group unless group.equal?(filling)) }
      end

      # @param recipe [Recipes::Recipe] its titles say so   @param lines [Array<Recipes::Line>] of a part
      # @return [Recipes::Line, nil] what is hollowed, or rolled around the rest
      def host(recipe, lines)
        titles = recipe.lines.select { |line| line.role == "title" }.map(&:text)
        return lines.find { |line| leaf?(line) } if titles.any? { |text| text.match?(LEAF_ROLLS) }
        return unless titles.any? { |text| text.match?(STUFFED) }

        named = titles.flat_map { |text| text.scan(THINGS) }.flatten.map { |word| word.downcase[0, STEM] }
        lines.find do |line|
          line.role == "other" && line.text.scan(THINGS).flatten.any? { |word| named.include?(word.downcase[0, STEM]) }
        end
      end

      # Meat that went in raw is done with what it is in.   @param part [PartAnswer]
      # @return [Array<String>] its cautions
      def raw(part) =
        part.steps.select { |step| step.safety.include?("raw_meat") && step.kind == "mix" }.flat_map(&:safety) -
          ["raw_meat"]

      # @param line [Recipes::Line]
      def leaf?(line) = line.role == "other" && line.text.match?(LEAVES)
    end
  end
end
