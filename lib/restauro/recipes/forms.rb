module Restauro
  module Recipes
    # Lines that name one thing and mean another: "juice of 1/2 lemon" is lemon juice, "300 g roasted squash, mashed" is a purée.
    class Forms
      JUICE = /\A\s*(?:the\s+)?(?:(?:grated\s+)?zest\s+and\s+)?juice\s+(?:(?:of|from)\s+|(?=\d|half\b|an?\b|one\b|two\b))
        (.+?)\s*(?:large|small|medium|ripe|fresh)?\s+
        (lemon|lime|orange)s?\b(.*)\z/ix

      # "2 lemons, juice and zest", "1 lemon, juiced".
      JUICED = /\A\s*(.+?)\s*(?:large|small|medium|ripe|fresh|unwaxed)?\s+([[:alpha:]]+?)s?,\s*
        (?:(?:finely\s+grated\s+)?zest\s+and\s+)?juiced?\b(.*)\z/ix
      # "a squeeze of lemon", "a squeeze of half a lime".
      SQUEEZE = /\b(?<squeeze>squeezes?|squirt)\s+of\s+(?:fresh\s+)?(?:half\s+)?(?:an?\s+)?(?<fruit>lemon|lime|orange)\b(?!\s+juice)/i

      def initialize(table: DataFiles.yaml("ingredients/forms.yml"))
        @juice = table.fetch("juice")
        @elsewhere = elsewhere(table.fetch("juice_elsewhere"))
        @meant = %w[mashed crumbled crushed fresh].map do |form|
          [DataFiles.pattern(table.dig(form, "pattern")), table.dig(form, "keys")]
        end
        @tin = DataFiles.pattern(table.dig("tinned", "pattern"))
        @tinned = table.dig("tinned", "names").transform_keys { |word| /\A#{table.dig("tinned", "cut")}#{word}\b/i }
        @stocks = table.fetch("stock").map { |pattern| DataFiles.pattern(pattern) }
        @ground = DataFiles.pattern(table.dig("ground", "pattern"))
        @nuts = table.dig("ground", "names").transform_keys { |word| /\A(?:#{word})\z/i }
        freeze
      end

      # @param text [String] plain   @return [String] the same amount of juice or stock by volume, or the text as it was
      def poured(text)
        stock = @stocks.lazy.filter_map { |pattern| pattern.match(text) }.first
        return "#{stock[:amount].strip} #{stock[:kind]}stock" if stock

        plain = in_english(Numbers.plain(text))
        return text.sub(SQUEEZE, '\k<squeeze> of \k<fruit> juice') unless plain.match?(/juice/i)

        match = JUICE.match(plain) || JUICED.match(plain) or return text
        count, name, after = match.captures.last(3)
        fruit = @juice[name.downcase]
        number, rest = fruit && Numbers.read(count)
        return text unless number && rest.strip.empty?

        "#{WeighedLine.tenths((number.value * Float(fruit["millilitres"])).round(1))} ml #{name.downcase} juice#{after}"
      end

      # "400 g tin tomatoes": the pack's word went with the amount.   @return [String] the name of what is tinned
      def tinned(name, text)
        return name unless text.match?(@tin)

        plain = name.strip.sub(/\A(?:\([^)]*\)\s*)?(?:of\s+)?(?:#{@tin}\s+)?(?:(?:of|de|di)\s+|d['’])?/i, "")
        words, tinned = @tinned.find { |pattern, _| plain.match?(pattern) }
        tinned ? plain.sub(words, tinned) : name
      end

      # "Almonds, ground": the words behind the comma went with what is done to it.   @return [String] what is meant
      def ground(name, text)
        return name unless text.match?(@ground)

        plain = name[/\A[^,]*/].strip
        @nuts.find { |pattern, _| pattern.match?(plain) }&.last || name
      end

      # @return [String] the catalogue key of what the line means
      def meant(key, text) =
        @meant.find { |pattern, keys| keys.key?(key) && pattern.match?(text) }&.last&.fetch(key) || key

      private

      # @return [Hash{String => Regexp}] English fruit => how its juice is written elsewhere
      def elsewhere(words)
        said = "#{words["juice"]}\\s+(?:#{words["of"]}\\s*)?(?:(?<one>#{words["one"]})\\s+)?"
        words["fruits"].transform_values do |fruit|
          %r{\A\s*#{said}(?:(?<half>#{words["half"]})[\s-]+|(?<count>\d[\d/ ]*?)\s*)?(?:#{fruit})\b(?<after>.*)\z}i
        end
      end

      # "Saft von 2 Zitronen" as "juice of 2 lemon"; lemon juice without a number is any amount of it.
      def in_english(plain)
        @elsewhere.each do |fruit, pattern|
          match = pattern.match(plain) or next
          count = match[:half] ? "1/2" : match[:count] || (1 if match[:one])
          return "juice of #{count} #{fruit}#{match[:after]}" if count
        end
        plain
      end
    end
  end
end
