module Restauro
  module Recipes
    # Tells titles, parts, ingredients and steps apart in a plain text recipe.
    class Outline
      Entry = Struct.new(:text, :kind, :part, :bulleted)
      METHOD = /\A\W*(?:method|directions?|instructions?|steps?|preparation|how to make(?: it)?|what to do|zubereitung|préparation)\W*\z/i
      INGREDIENTS = /\A\W*(?:ingredients?|you need|you will need|zutaten|ingrédients|ingredienti|ingredientes)\W*\z/i
      PART = /\A\W*(?:for|for the|to make|to finish)\b[^.]*:?\z/i
      ABOUT = /\A\W*(?:serves|servings?|makes|yields?|prep(?:aration)?\ time|cook(?:ing)?\ time|total\ time|time|
        source|notes?|author|difficulty|\d+\s+(?:servings|portions|people))\b/ix
      NUMBERED = /\A\s*(?:step\s*)?\d+\s*[.):]\s+(?=[[:alpha:]])/i
      VERBS = /\A\W*(?:in an? |meanwhile|when |once |then |gently |slowly |gradually |carefully |whisk|melt|add|stir|bring|simmer|cook|heat|
        pour|season|
        serve|remove|mix|combine|boil|reduce|make|place|put|fry|sauté|saute|beat|blend|strain|taste|return|turn|let|leave|keep|set|fold|bake|roast|
        warm|sprinkle|scatter|drain|deglaze|continue|finish|transfer|adjust|toast|chop|slice|grate|peel|preheat|rub|
        press|roll\ out|line|chill|off the heat|take )\b/ix
      AMOUNT_FIRST = /\A\W*(?:\d|[#{Numbers::GLYPHS.keys.join}])/
      BARE_WORDS = 3
      LONG_SENTENCE = /\A[^\d].{55,}[.!]\s*\z/

      # Whether a title is only "Ingredients:" or "Method".
      def self.heading?(line) = METHOD.match?(line) || INGREDIENTS.match?(line)

      # @param line_reader [LineReader] asked whether a line holds an amount or a known name
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param text [String] a whole recipe   @return [Array<Entry>] every non-empty line once, in order; kind title, step or ingredient
      def read(text)
        lines = text.lines.map(&:chomp).reject { |line| line.strip.empty? }
        bulleted = lines.count { |line| line.match?(/\A\s*-\S/) } > 1
        section = :ingredients
        part = nil
        lines.each_with_index.map do |line, index|
          bare = bulleted ? line.sub(AmountReader::DASH_BULLET, "") : line
          kind, section, part = classify(bare, index, lines.length, section, part)
          Entry.new(line, kind, part, bulleted)
        end
      end

      private

      def classify(line, index, count, section, part)
        return [:title, :steps, part] if METHOD.match?(line)
        return [:title, :ingredients, part] if INGREDIENTS.match?(line)
        return [:title, :ingredients, part_name(line)] if part?(line)
        return [:step, section, part] if section == :steps || step?(line)
        return [:title, section, part] if title?(line, index, count)

        [:ingredient, section, part]
      end

      def part?(line) = (PART.match?(line) || line.strip.match?(/\A[^\d]{2,60}:\z/)) && !@line_reader.amount?(line)
      def part_name(line) = line.strip.delete_suffix(":")

      def step?(line)
        return !@line_reader.amount?(line.sub(NUMBERED, "")) if NUMBERED.match?(line)

        (VERBS.match?(line) || LONG_SENTENCE.match?(line)) && !amount_first?(line)
      end

      def amount_first?(line) = AMOUNT_FIRST.match?(line)

      # "butter" or "salt to taste" at the head, not "Onion and cider-vinegar gravy".
      def bare_ingredient?(line) = line.split.length <= BARE_WORDS && @line_reader.known_name?(line)

      def title?(line, index, count)
        return true if ABOUT.match?(line)
        return false if @line_reader.amount?(line)

        (index.zero? && count > 1 && !bare_ingredient?(line)) || line.match?(/\A\W*[[:upper:]][[:upper:]\s&'-]{3,}\z/)
      end
    end
  end
end
