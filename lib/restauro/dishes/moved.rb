# frozen_string_literal: true

module Restauro
  module Dishes
    # Lines that the cook has put in another part: into one that there is, or into a new one of that name.
    module Moved
      module_function

      # @param parts [Array<Part>] as read, named   @param given [Hash] part name in small letters => family
      # @return [Array<Part>]
      def of(parts, recipe, catalogue, given)
        return parts if recipe.lines.none?(&:moved_to)

        leaving = parts.flat_map { |part| part.lines.select { |line| away?(line, part) } }
        stayed = parts.map do |part|
          part.with(recipe: part.recipe.with(lines: part.recipe.lines.reject { |line| away?(line, part) }))
        end
        leaving
          .reduce(stayed) { |all, line| put(all, line, recipe) }
          .reject { |part| part.lines.empty? }
          .map { |part| told(part, catalogue, given, leaving) }
      end

      def away?(line, part) = !line.moved_to.nil? && !line.moved_to.casecmp?(part.name.to_s)

      # @return [Array<Part>] with the line in the part it was moved to
      def put(parts, line, recipe)
        place = parts.index { |part| line.moved_to.casecmp?(part.name.to_s) }
        return *parts, fresh(line, recipe) unless place

        parts.each_with_index.map do |part, index|
          index == place ? part.with(recipe: with_line(part.recipe, line)) : part
        end
      end

      # Before the steps, after the part's own.
      def with_line(recipe, line) = recipe.with(lines: [*recipe.lines - recipe.steps, line, *recipe.steps])

      # @return [Part] a new one of that line alone
      def fresh(line, recipe)
        title = Recipes::Line.new(text: line.moved_to, role: "title")
        Part.new(name: line.moved_to, family: nil, recipe: recipe.with(lines: [title, line, *recipe.steps]))
      end

      # What a part is after lines came or went: as the cook says, else told anew where flour did.
      def told(part, catalogue, given, leaving)
        family = given[part.name.downcase]
        return part.with(family: family == "none" ? nil : family) if family

        flour = ->(lines) { lines.any? { |line| flour?(line, catalogue) } }
        return part if flour[part.lines] == !part.family.nil? && !flour[leaving]
        return part.with(family: nil) unless flour[part.lines]

        part.family ? part : part.with(family: Families::Detection.new(part.recipe, catalogue).candidates.first)
      end

      def flour?(line, catalogue)
        line.counted? &&
          catalogue.fetch(line.ingredient).then { |found| found.starchy? || %w[pastry crumb].include?(found.group) }
      end
    end
  end
end
