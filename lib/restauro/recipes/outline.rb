# frozen_string_literal: true

module Restauro
  module Recipes
    # Tells titles, parts, ingredients and steps apart in a plain text recipe: one entry a thing.
    class Outline
      include Titles
      include StepLines

      # text of the thing · kind title, step or ingredient · part label or nil · bulleted · source, number in it
      Entry = Struct.new(:text, :kind, :part, :bulleted, :source, :number)
      METHOD, INGREDIENTS, ABOUT, NOTES =
        DataFiles.words("recipes/words.yml")
          .values_at(:method_heading, :ingredients_heading, :about_the_dish, :notes_heading)
      INGREDIENTS_TITLE = "Ingredients"
      # Room or a sign before a thing, which neither names nor counts.
      SIGN = /\A\s*(?:[*•◦·‣●○▪■]\s+)*(?=\S)/
      FIRST_LETTER = /\A[\s#*_~-]*\p{Ll}/

      # Whether a title is only "Ingredients:" or "Method".
      def self.heading?(line) = METHOD.match?(line) || INGREDIENTS.match?(line)

      # @param line_reader [LineReader] asked whether a line holds an amount or a known name
      def initialize(line_reader)
        @line_reader = line_reader
        @headings = Headings.new(line_reader)
        @several = Several.new(line_reader)
        @list_and_steps = ListAndSteps.new(@headings, @several)
        @prose = Prose.new(line_reader)
        @page = Page.new(line_reader)
        freeze
      end

      # @param text [String] a whole recipe
      # @return [Array<Entry>] every non-empty line, in order; a line of several things has an entry for each
      def read(text)
        lines = @page.recipe(Tidy.lines(text, @line_reader)).flat_map { |line| @list_and_steps.split(line) }
        entries = named_first(lines) || listed(lines)
        listed = entries.select { |entry| entry.kind == :ingredient && !@prose.told?(entry.text) }
        amounts = listed.any? { |entry| @line_reader.amount?(entry.text) } && !@prose.tells_more?(entries, listed)
        amounts ? @prose.beside(entries, listed.map(&:part)) : @prose.entries(entries)
      end

      # @param lines [Array<String>] of a list of ingredients   @return [Array<Entry>] ingredients, and titles of parts
      def ingredients(lines)
        listed([INGREDIENTS_TITLE, *lines]).drop(1).map do |entry|
          entry.kind == :step ? Entry.new(entry.text, :ingredient, entry.part, false, entry.source, 0) : entry
        end
      end

      private

      # A list that stands on the line of the dish's name, with more lines behind it or none.
      def named_first(lines)
        return named_list(lines.first) if lines.one?

        name, things = @headings.on_the_line(lines.first.to_s, @several)
        return unless name && Titles.dish_on_its_line?(name) && @several.split(things).length > 1

        named_list(lines.first) + listed([INGREDIENTS_TITLE, *lines.drop(1)]).drop(1)
      end

      # All of a dish on one line: "Fritters: 120 g flour, 1 egg, 60 ml milk".
      def named_list(line)
        name, things = @headings.on_the_line(line, @several)
        return listed([line]) if name.nil? || Headings::FOR.match?(line) || @several.split(things).any? { |t| done?(t) }

        listed([name, things]).each_with_index.map do |entry, index|
          index.zero? ? Entry.new(name, :title, nil, false, line, 0) : entry
        end
      end

      # "40 g Butter schmelzen" is told, no thing of a list.
      def done?(piece) = @line_reader.amount?(piece) && !@line_reader.thing?(piece)

      def listed(lines)
        bulleted = lines.count { |line| line.match?(/\A\s*-\S/) } > 1
        section, part = :ingredients, nil
        first = lines.index { |line| !ABOUT.match?(line) } || 0
        last = lines.rindex { |line| @line_reader.thing?(line) } || lines.length
        small = small_letters?(lines.fetch(first, ""))
        lines.each_with_index.flat_map do |line, index|
          bare = line.sub(bulleted ? AmountReader::DASH_BULLET : SIGN, "")
          around = lines[index + 1].to_s
          section = :steps if index > last && NOTES.match?(bare)
          seen = small && index > first ? bare.sub(FIRST_LETTER, &:upcase) : bare
          kind, section, part = classify(seen, around, index == first && lines.length > 1, section, part)
          kind == :ingredient ? things(line, bare, part, bulleted) : [Entry.new(line, kind, part, bulleted, line, 0)]
        end
      end

      # A title without a capital: its headings have none either.
      def small_letters?(title) = !title.match?(/[[:upper:]]/) && !@line_reader.amount?(title)

      # One entry for each thing on the line, in the part that the line itself names or the one above it.
      def things(line, bare, part, bulleted)
        named = @headings.served(bare) || @headings.on_the_line(bare, @several)
        bare = bare[Headings::BRACKETED, 1] || bare
        parts = Array(named ? named.last : bare).flat_map { |text| @several.split(text) }
        return [Entry.new(line, :ingredient, part, bulleted, line, 0)] if parts.length == 1 && named.nil?

        part = named.first if named && !INGREDIENTS.match?(named.first)
        parts.each_with_index.map { |text, index| Entry.new(text, :ingredient, part, false, line, index) }
      end

      # @param first [Boolean] whether it may name the dish
      # @return [Array(Symbol, Symbol, String)] its kind, the section and part it is in
      def classify(line, following, first, section, part)
        return [:title, :steps, part] if METHOD.match?(line)
        return [:title, :ingredients, part] if INGREDIENTS.match?(line)
        return [:title, section, part] if first && dish_title?(line, following)
        if section != :steps && @headings.heading?(line, following) && !listing?(line)
          return [:title, :ingredients, @headings.name(line)]
        end
        if section == :steps && @headings.named?(line) && @line_reader.thing?(following)
          return [:title, :ingredients, @headings.name(line)]
        end
        return [:step, section, part] if section == :steps || step?(line)
        return [:title, section, part] if title?(line)

        [:ingredient, section, part]
      end
    end
  end
end
