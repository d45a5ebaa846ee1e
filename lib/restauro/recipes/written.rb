# frozen_string_literal: true

require "csv"

module Restauro
  module Recipes
    # A recipe as it is written down for others: in plain text, Markdown, CSV and schema.org JSON-LD.
    #   title · lines Array of Written::Entry · steps Array of Written::Act · warnings Array of String · servings
    #   Integer or nil
    #   minutes of it all, or nil · note String or nil
    Written = Struct.new(:title, :lines, :steps, :warnings, :servings, :minutes, :note, keyword_init: true) do
      def initialize(warnings: [], servings: nil, minutes: nil, note: nil, **)
        super
        freeze
      end

      # Its lines under the headings of their parts.   @return [Array<Array(String or nil, Array<Entry>)>]
      def by_part =
        lines.chunk_while { |one, other| one.part == other.part }.map { |group| [group.first.part, group] }

      # @return [String] a row for each line: what a spreadsheet wants
      def to_csv
        CSV.generate do |csv|
          csv << %w[part line grams measure ingredient]
          lines.each { |line| csv << [line.part, line.text, line.grams&.round(1), line.measure, line.ingredient] }
        end
      end

      # @return [String] Markdown
      def to_markdown
        [
          "# #{title}",
          *(["", note] if note),
          "",
          "## Ingredients",
          *by_part.flat_map { |part, group| markdown_part(part, group) },
          "",
          "## Method",
          "",
          *numbered,
          *(["", "## Read this", ""] if warnings.any?),
          *warnings.map { |warning| "- #{warning}" },
          "",
          Written::PROMISE,
          ""
        ].join("\n")
      end

      # It reads back as a recipe.
      def to_text
        [
          title,
          "",
          "Ingredients:",
          *by_part.flat_map { |part, group| [*("#{part}:" if part), *group.map(&:shown)] },
          "",
          "Method:",
          *numbered,
          "",
          *warnings.map { |warning| "! #{warning}" },
          Written::PROMISE
        ].join("\n")
      end

      # @return [Hash] a schema.org Recipe
      def to_json_ld
        headed = by_part.flat_map { |part, group| [*("#{part}:" if part), *group.map(&:text)] }
        JsonLd.write(name: title, ingredients: headed, steps: steps.map(&:words)).merge(
          {
            "description" => note,
            "recipeYield" => servings&.to_s,
            "totalTime" => minutes && "PT#{minutes.round}M",
            "disambiguatingDescription" => warnings.any? ? warnings.join("\n") : nil
          }.compact
        )
      end

      private

      def numbered = steps.each_with_index.map { |step, index| "#{index + 1}. #{step.words}" }
      def markdown_part(part, group) = ["", *(["### #{part}", ""] if part), *group.map { |line| "- #{line.shown}" }]
    end

    # What every copy says at its end.
    Written::PROMISE = "What was found is marked; nothing here is called gluten free. Read every label, ask the maker."

    # One line.   part nil in a recipe of one · grams Float or nil · measure "1 tbsp" or nil · ingredient key or nil
    Written::Entry =
      Struct.new(:part, :text, :grams, :measure, :ingredient, :understood, keyword_init: true) do
        # @return [String] its words, and whether they were understood
        def shown = understood ? text : "#{text}   [not understood, not counted]"
      end

    # One step.   minutes of one batch, or nil
    Written::Act =
      Struct.new(:text, :minutes, :look_for, :caution, keyword_init: true) do
        # @return [String] a step with its minutes and what to look for
        def words
          timed = minutes&.positive? ? "#{WeighedLine.tenths(minutes.to_f.round(1))} min: #{text}" : text
          [timed, look_for && "Look for: #{look_for}.", caution].compact.join(" ")
        end
      end
  end
end
