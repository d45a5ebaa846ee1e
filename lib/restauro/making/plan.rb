require "json"

module Restauro
  module Making
    # What is to be done: items to weigh, steps with their minutes, the temperature to expect. Plain data, so that it can be kept with the dish.
    #   family · title · items Array of Item · steps Array of PlannedStep · expected Hash or nil of Expected
    Plan = Struct.new(:family, :title, :items, :steps, :expected, keyword_init: true) do
      def initialize(**)
        super
        items.freeze
        steps.freeze
        freeze
      end

      OVEN = /\boven\b|\bbake\b|\bbaking\b/i
      HOB = /\b(?:boil|simmer|heat|melt|pot|fry|bubble|pan)\b/i

      # @param family the family object   @param swap its swap   @return [Plan]
      def self.of(family, swap, catalogue)
        school = swap.respond_to?(:school) && swap.school.is_a?(String) ? swap.school : nil
        items = Bench.of(family.key, swap.ours.recipe.ingredients, catalogue, school: school)
        steps = family.method(swap).map { |step| PlannedStep.new(**step.to_h, heat: heat(step), uses: uses(step, items)) }
        new(family: family.key, title: swap.wheat.recipe.title, items: items, steps: steps, expected: Expected.of(family, swap))
      end

      def self.heat(step)
        return "hands" unless step.minutes

        step.text.match?(OVEN) ? "oven" : (step.text.match?(HOB) ? "hob" : "hands")
      end

      # What a step speaks of, and what the words for it speak of.
      def self.uses(step, items)
        said = step.text.downcase
        items.select { |item| spoken_of?(item.name.downcase, said) }.map(&:id)
      end

      # The water of a dough, and not the pot's, is spoken of with its grams.
      def self.spoken_of?(name, said)
        return said.match?(/\d g (?:cold )?water/) if name == "water"

        [name, *name.split.select { |word| word.length > 4 }].any? { |word| said.include?(word) }
      end

      def item(id) = items.find { |item| item.id == id } || raise(NotFound, "no such line on this bench sheet")

      # As plain data, and back.
      def to_data = JSON.parse(JSON.generate({family: family, title: title, items: items.map(&:to_h), steps: steps.map(&:to_h), expected: expected}))

      def self.from_data(data)
        build = ->(struct, row) { struct.new(**row.to_h.transform_keys(&:to_sym).slice(*struct.members)) }
        new(family: data["family"], title: data["title"], items: data["items"].map { |row| build[Item, row] },
            steps: data["steps"].map { |row| build[PlannedStep, row] }, expected: data["expected"])
      end
    end
  end
end
