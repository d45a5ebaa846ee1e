module Restauro
  # Which ingredient a few words mean. The longest name that stands as whole words wins; a name only counts when the
  # words around it are known not to change what it is, so that "peanut butter" is never butter and "hemp milk" never
  # cow's.
  class Names
    # key: a catalogue key or nil; ambiguous: the question that its word needs asking.
    Match = Struct.new(:key, :bystander, :piece_g, :ambiguous, keyword_init: true) { def initialize(**) = super.freeze }
    Entry = Struct.new(:key, :bystander, :piece_g, :any_modifier)
    # What comes after these says where it is from or what it is for.
    AFTER = %w[for from at in into to with if and as on or per zum zur für fuer aus mit pour para voor om en dans em
               till til i na do].freeze
    OF = /(?:di|de|of|von)\s|d['’]/i # a flour of something else
    # Of a potato or a cheese; and "TK-Spinat", "Bio-Eier": frozen spinach is spinach.
    FLESH, SOLD = DataFiles.words("ingredients/words.yml").values_at(:flesh, :sold_as)
    NEXT_OF_THEM = %r{,|;|\b(?:or|oder|ou|o|eller|lub|plus)\b|\+|/}i
    WORD = /\d+(?::|-to-)\d+|[[:alpha:]][[:alpha:]'’\-%]*|\d+\s?%|&/

    # @param catalogue [Catalogue]   @param region [String] us, metric, uk or au
    def initialize(catalogue, region: "us")
      @region = region
      named = bystanders.merge(catalogue_names(catalogue))
      @known, @entries = named.keys.freeze, BareLetters.beside(named).freeze
      @longest = @entries.keys.map { |name| name.count(" ") + 1 }.max
      words = DataFiles.yaml("ingredients/descriptors.yml").flatten.to_h { |word| [word.downcase, true] }
      @descriptors = BareLetters.beside(words).freeze
      @ambiguous = DataFiles.yaml("ingredients/ambiguous.yml").map { |row| [whole_word(row), row] }
      freeze
    end

    # @return [Array<String>] every name, in small letters and with its accents
    attr_reader :known

    # Whether a phrase says how something is, and not what.
    def only_descriptors?(phrase) = words(phrase).all? { |word| descriptor?(word) }

    # @param phrase [String] what stands after the amount: "cold whole milk, warmed"
    # @param line [String] the whole line
    # @return [Match, nil]
    def match(phrase, line: phrase)
      in_full = Either.first_of(phrase) { |first| match_part(first)&.key }
      [in_full, phrase].uniq.lazy.filter_map { |words| found(words, line) }.first
    end

    private

    def found(phrase, line) =
      ambiguous(phrase, line) || phrases(phrase).lazy.filter_map { |part| match_part(part) }.first

    # The part before a comma, bracket or "or" first, then all of it.
    def phrases(phrase)
      bare = phrase.gsub(/\([^)]*\)|\[[^\]]*\]/, " ").gsub(FLESH, "").gsub(SOLD, "").gsub(/\s&\s/, " and ")
      [bare.split(NEXT_OF_THEM).first.to_s, bare.split(/,|;/).first.to_s, bare].uniq
    end

    def ambiguous(phrase, line)
      _, row = @ambiguous.find { |pattern, _| pattern.match?(phrase) }
      return unless row && plain_word?(phrase, row)

      settled = row["settled"].find { |_, pattern| Regexp.new(pattern, Regexp::IGNORECASE).match?(line) }
      return Match.new(key: settled.first) if settled

      Match.new(key: row.dig("region", @region) || row["default"], ambiguous: row["ask"])
    end

    def whole_word(row) = /(?<![[:alpha:]])(?:#{[row["word"], *row["plurals"]].join("|")})(?![[:alpha:]])/i

    # "cornflour" alone, not a longer name that holds the word.
    def plain_word?(phrase, row)
      longer = match_part(phrases(phrase).first)
      return false if longer&.key && !meant(row).include?(longer.key)

      return false if longer.nil? && phrase.match?(/#{whole_word(row)}\s+#{OF}/i)

      longer.nil? || words(phrase).length <= row["word"].split.length + 2
    end

    # All that an ambiguous word may mean.
    def meant(row) = [row["default"], *row["region"].to_h.values, *row["settled"].map(&:first)]

    # The longest names in it decide: where none of them stands alone, no shorter one is tried.
    def match_part(part)
      words = words(part)
      @longest.downto(1) do |length|
        found = (0..(words.length - length)).filter_map do |start|
          entry_at(words, start, length)&.then { |entry| [start, entry] }
        end
        next if found.empty?

        _, entry = found.find { |start, candidate| modifiers_known?(words, start, length, candidate) }
        return entry && result(entry)
      end
      nil
    end

    def entry_at(words, start, length)
      name = words[start, length].join(" ")
      @entries[name] || @entries[singular(name)]
    end

    def modifiers_known?(words, start, length, entry)
      after = words[(start + length)..]
      before = words[0, start]
      (entry.any_modifier || before.all? { |w| descriptor?(w) }) && trailing_known?(after)
    end

    # After a preposition comes where it is from or what it is for, which changes nothing.
    def trailing_known?(words)
      kept = words.take_while { |w| !AFTER.include?(w) }
      kept.all? { |w| descriptor?(w) }
    end

    def descriptor?(word) = @descriptors.key?(word) || word.match?(/\A\d/) || word.end_with?("ly")

    def result(entry) = Match.new(key: entry.key, bystander: entry.bystander, piece_g: entry.piece_g)
    def name_of(name) = name.match?(/\A[[:alpha:] ]+\z/) ? name.downcase.gsub("ß", "ss") : words(name).join(" ")
    def words(text) = text.downcase.gsub("ß", "ss").scan(WORD).map { |w| w.gsub(/\s/, "").tr("’", "'") }

    def singular(name) =
      name.sub(/ies\z/, "y").then { |n| n == name ? name.sub(/(?<=o|sh|ch|x|ss)es\z|(?<!s)s\z/, "") : n }

    def catalogue_names(catalogue)
      table = DataFiles.yaml("ingredients/names.yml")
      catalogue.each_with_object({}) do |ingredient, entries|
        row = table.fetch(ingredient.key, {})
        any = %w[seasoning cheese].include?(ingredient.group) || ingredient.key == "stock" || row["any"]
        names(ingredient, row).each do |name|
          entries[name_of(name)] ||= Entry.new(ingredient.key, nil, ingredient.piece_g, any)
        end
      end
    end

    # What no name stands for is told by what is beside it.
    def names(ingredient, row)
      return [] if row["unnamed"]

      lists = row.reject { |field, _| %w[say any varied].include?(field) }.values.flatten
      [ingredient.name, ingredient.name.sub(/ \(.*\)/, ""), ingredient.key.tr("_", " "), row["say"], *lists].compact
    end

    def bystanders
      DataFiles
        .yaml("ingredients/bystanders.yml")
        .each_with_object({}) do |(kind, row), entries|
          row["words"].each do |name, piece|
            entries[name_of(name)] = Entry.new(nil, kind, piece&.to_f, row["any"])
          end
        end
    end
  end
end
