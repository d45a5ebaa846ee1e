# frozen_string_literal: true

module Restauro
  module Recipes
    # A recipe told in sentences: "Melt 30 g butter, stir in 30 g flour, whisk in 480 ml milk." The things with their amounts, and the sentences
    # as steps.
    class Prose
      VERB, INFINITIVE, ENDS, BAKED =
        DataFiles.words("recipes/words.yml").values_at(:told_verb, :told_infinitive, :told_ends, :told_baked)
      COOKED = DataFiles.words("ingredients/words.yml").fetch(:cooked_already)
      AMOUNT =
        /(?<![\d.,\/[:alpha:]])(?<!\d\s)(?<!\d\sand\s)(?:\d|[½¼¾⅓⅔⅛]|juice\ (?:of|from)\ (?:half\ an?|an?|\S+)\ |
        (?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|half\ an?|
        an?\ (?:tablespoon|teaspoon|cup|pinch|knob|pint|quart|litre|liter|handful|splash|stick|glass|tin|can|clove|bunch|pound|kilo|quarter|
        squeeze|dollop|spoonful|grating|dash|rasher|half|third|dozen|ounce|egg|onion|carrot|leek|shallot|lemon|
        (?:large|medium|small|whole|good|boiled|cooked|steamed|roast|poached)\ \p{L}+))\b)/ix
      # An amount that stands behind its name.
      JUICE = /\Ajuice\s/i
      # "50 g. butter" is no end of a sentence.
      POINTED = /(?<=\dg|\d g|\d c|ml|kg|oz|lb|sp)\.(?=\s+\p{Ll})/i
      # "1 inch of hot oil" weighs nothing.
      LONG = /\A\s*-?(?:inch(?:es)?|cm|mm)\b/i
      FOR_THE = /(?:\A|[.;!]\s+)(?:meanwhile,?\s+)?(?:for|to make|make)\s+(?:the|an?)\s+((?:\p{L}+\s*){1,3})/i
      # "2. Stir in 3 tbsp flour.", "Step two: stir in 3 tbsp flour."
      COUNTED = /\A\s*(?:\d{1,2}[.)]\s+|step \w+[.:)]\s+)(?:#{VERB})/i
      MOST_LETTERS = 60
      LEAST_LETTERS = 25
      TITLE_WORDS = 7
      # So few things are no list beside so many that are told.
      FEW = 2
      MANY = 1

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # Whether a line is a sentence that carries amounts, not an entry of a list.
      def told?(line) =
        (line.length > LEAST_LETTERS || line.match?(COUNTED)) &&
          ((line.match?(VERB) && line.split(VERB, 2).last.match?(AMOUNT)) ||
          (line.match?(INFINITIVE) && line.scan(AMOUNT).length > 1))

      # "1 cauliflower", and a sauce that only the sentences have the amounts of.
      # @param entries [Array<Outline::Entry>]   @param listed [Array<Outline::Entry>] those of them that are a list
      def tells_more?(entries, listed)
        return false if listed.count { |entry| @line_reader.amount?(entry.text) } > FEW

        told = (entries - listed).select { |entry| told?(entry.text) }
        found = told.flat_map { |entry| things(entry.text.gsub(POINTED, "")).map { |text, _| text.downcase } }
        found.length > MANY && listed.none? { |entry| found.include?(entry.text.downcase.strip) }
      end

      # The entries of a recipe without a list: each sentence's things before it.   @param entries [Array<Outline::Entry>]
      def entries(entries)
        entries.flat_map { |entry| told?(entry.text) ? told(entry) : [entry] }
      end

      # The same for a part alone that is told so beside others that are listed.   @param all [Array<Outline::Entry>]
      # @param listed [Array<String>] names of those   @return [Array<Outline::Entry>]
      def beside(all, listed)
        all.each_with_index.flat_map do |entry, index|
          apart = entry.kind == :step && entry.part && !listed.include?(entry.part)
          apart && all[index - 1].kind == :title ? entries([entry]) : [entry]
        end
      end

      private

      def told(entry)
        title, rest = titled(entry.text.gsub(POINTED, ""))
        things = things(rest)
        return [entry] if things.empty?

        [*(title && [Outline::Entry.new(title, :title, entry.part, false, entry.text, 0)]),
         *things.each_with_index.map do |(text, part), index|
           Outline::Entry.new(text, :ingredient, part || entry.part, false, entry.text, index)
         end,
         Outline::Entry.new(rest, :step, entry.part, false, entry.text, things.length)]
      end

      # "Chive sauce. Melt ...": a short first sentence without an amount names the dish.
      def titled(text)
        first, rest = text.split(/[.:]\s+/, 2)
        return [nil, text] unless rest && first.split.length <= TITLE_WORDS && !first.match?(AMOUNT) && !first.match?(Outline::VERBS)

        [first.strip, rest]
      end

      # @return [Array<Array(String, String or nil)>] things, each with the part that it was told for
      def things(text)
        starts = text.to_enum(:scan, AMOUNT).map { Regexp.last_match.begin(0) }
        starts.zip(starts.drop(1)).filter_map do |start, following|
          thing(text, start, following)&.then { |found| [poured_over(found, text, start), part(text[0...start])] }
        end
      end

      # "Pour over a boiled cauliflower": it is in no sauce, unless all of it is baked.
      def poured_over(thing, text, start)
        under = text[0...start].match?(/\b(?:over|on|onto)\s+\z/i) && thing.match?(COOKED) && !text.match?(BAKED)
        under ? "#{thing}, to serve" : thing
      end

      # "For the sauce fry 250 g mushrooms": the last part that was named before.   @return [String, nil]
      def part(before)
        words = before.to_enum(:scan, FOR_THE).map { Regexp.last_match[1] }.last or return
        (1..words.split.length).map { |count| words.split.first(count).join(" ") }.reverse
          .find { |name| name.match?(Headings::NAMES) }&.capitalize
      end

      # As many words after the amount as name a thing.
      def thing(text, start, following)
        piece = text[start...(following || text.length)][0, MOST_LETTERS]
        plain = Numbers.plain(piece)
        number, rest = Numbers.read(plain) || (plain.match?(JUICE) && [1, plain])
        return if number.nil? || rest.match?(LONG)

        head = plain[0, plain.length - rest.length]
        cut = "#{head}#{rest.split(ENDS, 2).first}".strip
        # "An egg" is one of it.
        [cut, cut.sub(/\Aan?\s+/i, "1 ")].find { |one| @line_reader.thing?(one) }
      rescue InvalidInput
        nil
      end
    end
  end
end
