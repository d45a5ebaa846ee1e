# frozen_string_literal: true

module Restauro
  # The lines of a dish as plain data: wheat beside what takes its place.
  module SnapshotRows
    module_function

    # Each wheat line beside the lines in its place, the whole dish in order, the parts' names as headings.
    def of(answer, catalogue)
      seen = Hash.new(-1)
      titles = answer.dish.one_part? ? titles_under(answer.dish.recipe) : []
      found = titles.map do |line|
        {wheat: line(line, catalogue).merge(occurrence: seen[line.text] += 1), ours: [], replaced: false}
      end
      answer.parts.each_with_index do |part, index|
        found << heading(part) unless answer.dish.one_part?
        part.pairs.each { |wheat, ours| found << row(wheat, ours, part, index, seen, catalogue) }
      end
      found
    end

    # What stands as a title in a recipe of one part, but for its own name.
    # How many it serves and how long it takes is no heading of the list.
    def titles_under(recipe)
      recipe
        .lines
        .select { |line| line.role == "title" && !Recipes::Outline.heading?(line.text) }
        .reject { |line| line.text.strip == recipe.title || line.text.match?(Recipes::Outline::ABOUT) }
    end

    def heading(part)
      {
        wheat: {
          text: part.name,
          role: "title",
          understood: true,
          warnings: [],
          part: part.name,
          family: part.family&.key
        },
        ours: [],
        replaced: false
      }
    end

    def row(wheat, ours, part, index, seen, catalogue)
      replaced = part.swap ? part.swap.replaced.any? { |line| line.equal?(wheat) } : false
      {
        wheat: line(wheat, catalogue).merge(occurrence: seen[wheat.text] += 1),
        ours: ours.map { |other| line(other, catalogue) },
        replaced: replaced,
        part: index
      }
    end

    # The lines of a recipe that could be read but not swapped.
    def unswapped(recipe, catalogue)
      seen = Hash.new(-1)
      recipe
        .lines
        .reject { |line| line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text)) }
        .map do |wheat|
          {wheat: line(wheat, catalogue).merge(occurrence: seen[wheat.text] += 1), ours: [], replaced: false}
        end
    end

    # The raw text untouched, so that a correction finds its line again.
    def line(line, catalogue)
      ingredient = catalogue.find_key(line.ingredient)
      {
        text: line.text,
        ingredient: line.ingredient,
        name: name_of(line, ingredient, catalogue),
        grams: line.grams&.value,
        low: line.grams&.low,
        high: line.grams&.high,
        role: line.role,
        understood: line.understood,
        corrected: line.corrected,
        part: line.part,
        amount: line.amount_text,
        warnings: line.warnings.map(&:to_h)
      }
    end

    # A seasoning goes by the cook's own word for it: caraway, not "ground spice"; so does feta, which counts as a
    # cheese like cheddar.
    def name_of(line, ingredient, catalogue)
      return ingredient&.say if line.corrected
      return line.name_text || ingredient&.say if line.role == "seasoning"

      ingredient && (Families::Companions.typed(line, catalogue) || ingredient.say)
    end
  end
end
