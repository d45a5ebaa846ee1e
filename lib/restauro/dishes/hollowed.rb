# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables that are hollowed and filled by the dish's name: "Stuffed peppers", "gefüllte Zucchini". They go into
    # the oven raw, or nearly.
    module Hollowed
      STUFFED, THINGS = DataFiles.words("dishes/words.yml").values_at(:hollowed_by_name, :hollowed)
      # Letters: enough of a word to know it in the plural.
      STEM = 5
      private_constant :STUFFED, :THINGS, :STEM

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
      # @return [Recipes::Line, nil] what is hollowed
      def host(recipe, lines)
        titles = recipe.lines.select { |line| line.role == "title" }.map(&:text)
        return unless titles.any? { |text| text.match?(STUFFED) }

        named = titles.flat_map { |text| text.scan(THINGS) }.flatten.map { |word| word.downcase[0, STEM] }
        lines.find do |line|
          line.role == "other" && line.text.scan(THINGS).flatten.any? { |word| named.include?(word.downcase[0, STEM]) }
        end
      end
    end
  end
end
