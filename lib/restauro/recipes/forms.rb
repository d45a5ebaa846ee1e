module Restauro
  module Recipes
    # Lines that name one thing and mean another: "juice of 1/2 lemon" is lemon juice, "300 g roasted squash, mashed" is a purée.
    class Forms
      JUICE = /\A\s*(?:the\s+)?(?:zest\s+and\s+)?juice\s+(?:of|from)\s+(.+?)\s*(?:large|small|medium|ripe|fresh)?\s+([[:alpha:]]+?)s?\b(.*)\z/i

      def initialize(table: DataFiles.yaml("ingredients/forms.yml"))
        @juice = table.fetch("juice")
        @mashed = Regexp.new(table.dig("mashed", "pattern"), Regexp::IGNORECASE)
        @purees = table.dig("mashed", "keys")
        freeze
      end

      # @param text [String] plain   @return [String] the same amount of juice by volume, or the text as it was
      def poured(text)
        match = JUICE.match(text) or return text
        fruit = @juice[match[2].downcase]
        number, rest = fruit && Numbers.read(match[1])
        return text unless number && rest.strip.empty?

        "#{format("%.1f", number.value * Float(fruit["millilitres"]))} ml #{fruit["key"].tr("_", " ")}#{match[3]}"
      end

      # @return [String] the catalogue key of what the line means
      def meant(key, text) = @purees.key?(key) && @mashed.match?(text) ? @purees.fetch(key) : key
    end
  end
end
