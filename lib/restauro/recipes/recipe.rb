module Restauro
  module Recipes
    # A recipe: its raw lines verbatim, understood one by one, with the cook's corrections laid over them.
    #   lines Array of Line · system us, metric, uk or au
    Recipe = Struct.new(:lines, :system, keyword_init: true) do
      def initialize(lines:, system:)
        super(lines: lines.dup.freeze, system: system)
        freeze
      end

      # @return [String, nil] what names the dish and no part of it, without the marks that a text format puts around it
      def title
        line = lines.find do |one|
          one.role == "title" && !Outline::ABOUT.match?(one.text) && !Headings::FOR.match?(one.text) &&
            !Outline.heading?(one.text)
        end
        line&.text&.gsub(/\A[#*_\s]+|[#*_\s]+\z/, "")&.then { |text| Recipe.named(Titles.dish(text)) }
      end

      # "Ich mache eine helle Mehlschwitze" is told of a helle Mehlschwitze.   @param text [String]   @return [String]
      def self.named(text)
        name = text.sub(DataFiles.words("recipes/words.yml").fetch(:i_make), "")
        name.empty? || name == text ? text : name[0].upcase + name[1..]
      end
      # @return [Array<Line>]
      def ingredients = lines.reject(&:words?)
      # @return [Array<Line>]
      def steps = lines.select { |line| line.role == "step" }
      # @return [Array<Warning>] of all lines
      def warnings = lines.flat_map(&:warnings)
      # The same system with other lines.   @return [Recipe]
      def with(lines:) = Recipe.new(lines: lines, system: system)

      # The raw text, in parts, as it can be read again.
      def to_text
        [
          title,
          "Ingredients:",
          *ingredients.map(&:text),
          *(["Method:", *steps.map(&:text)] if steps.any?)
        ].compact.join("\n")
      end
    end
  end
end
