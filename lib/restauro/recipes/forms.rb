module Restauro
  module Recipes
    # Lines that name one thing and mean another: "juice of 1/2 lemon" is lemon juice, "300 g roasted squash, mashed" is a purée.
    class Forms
      JUICE = /\A\s*(?:the\s+)?(?:zest\s+and\s+)?juice\s+(?:of|from)\s+(.+?)\s*(?:large|small|medium|ripe|fresh)?\s+([[:alpha:]]+?)s?\b(.*)\z/i

      # "2 lemons, juice and zest", "1 lemon, juiced".
      JUICED = /\A\s*(.+?)\s*(?:large|small|medium|ripe|fresh|unwaxed)?\s+([[:alpha:]]+?)s?,\s*
        (?:(?:finely\s+grated\s+)?zest\s+and\s+)?juiced?\b(.*)\z/ix

      def initialize(table: DataFiles.yaml("ingredients/forms.yml"))
        @juice = table.fetch("juice")
        @mashed = Regexp.new(table.dig("mashed", "pattern"), Regexp::IGNORECASE)
        @purees = table.dig("mashed", "keys")
        freeze
      end

      # @param text [String] plain   @return [String] the same amount of juice by volume, or the text as it was
      def poured(text)
        match = JUICE.match(text) || JUICED.match(text) or return text
        count, name, after = match.captures.last(3)
        fruit = @juice[name.downcase]
        number, rest = fruit && Numbers.read(count)
        return text unless number && rest.strip.empty?

        "#{format("%.1f", number.value * Float(fruit["millilitres"]))} ml #{fruit["key"].tr("_", " ")}#{after}"
      end

      # @return [String] the catalogue key of what the line means
      def meant(key, text) = @purees.key?(key) && @mashed.match?(text) ? @purees.fetch(key) : key
    end
  end
end
