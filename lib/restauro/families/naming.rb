module Restauro
  module Families
    # What a step calls a thing, with its grams.
    module Naming
      # A weight that the grams say already.
      BRACKET = /\A\([^)]*\)\s*(?=\p{L})/
      BRACKET_BEHIND = /\s*\(\s*[\d.,½¼¾]+\s*(?:k?g|lbs?|oz|pounds?|kilos?)\.?\s*\)\s*\z/i
      # What a weight leaves of its brackets.
      EMPTY = /\s*\([\s\p{P}à]*\)/
      DONE = /\A(?:each )?(?:cut|#{DataFiles.yaml("recipes/participles.yml").values.join("|")})\b.*/
      # How warm it comes is for the step to say.
      WARMTH = /\A(?:(?:ice|very|boiling)[- ])?(?:hot|cold|warm|boiling|chilled|lukewarm|iced)\s+(?!sauce|pepper)/i

      # "200 g sausage meat", the cook's own words where the catalogue has none.
      # @param line [Recipes::Line]   @param catalogue [Catalogue]   @return [String]
      def say(line, catalogue)
        return "#{line.name_text}, sold as gluten free" if line.ingredient == "gf_other"

        if line.ingredient && line.role != "seasoning" && line.kind != "table"
          return "#{so_much(line)}#{typed(line, catalogue) || catalogue.fetch(line.ingredient).say}"
        end

        name = (line.name_text || line.text).strip.sub(/\A[-*•\s]+/, "").sub(/\A(?:of|the)\s+/i, "")
        name = name.sub(BRACKET, "").sub(BRACKET_BEHIND, "") if line.grams
        name = name.sub(EMPTY, "").delete_suffix(".")
        name = Recipes::Served.bare(name)
        return "#{grams(line)}#{name}" if line.amount_text.nil? || (line.grams && !in_cups?(line))

        "#{line.amount_text} #{name}".strip
      end

      # @param lines [Array<Recipes::Line>]   @return [String] "200 g onions, 1 carrot and thyme"
      def named(lines, catalogue) = Companions.list(lines.map { |line| say(line, catalogue) })

      # The same with how a step cuts them, where that is said as a line would.   @return [String]
      def named_cut(lines, catalogue) =
        Companions.list(lines.map { |line| [say(line, catalogue), line.cut&.[](DONE)].compact.join(", ") })

      # @return [String] "200 g ", to a tenth where it is under 20
      def grams(line) =
        line.grams ? "#{Recipes::WeighedLine.tenths(line.grams.value.round(line.grams.value < 20 ? 1 : 0))} g " : ""

      # The cook's own gorgonzola, where the catalogue has one row for many cheeses.   @return [String, nil]
      def typed(line, catalogue)
        return if line.added || !catalogue.fetch(line.ingredient).varied?

        line.name_text.to_s.sub(/\A(?:of|the)\s+/i, "").sub(WARMTH, "")[/\A[^,;(]*\p{L}/]
      end

      private

      # "200 g ", else as many as the line counts: "4 slices ".
      def so_much(line) = line.grams.nil? && line.amount_text.to_s.match?(/\A\d/) ? "#{line.amount_text} " : grams(line)

      # Cups of cut things: what they weigh is out of a table, the cups are the cook's own.
      def in_cups?(line)
        _, rest = Numbers.read(line.amount_text)
        unit, = KitchenUnits.of("us").read(rest.to_s.lstrip)
        line.ingredient.nil? && unit&.volume? && !unit.spoon
      end
    end
  end
end
