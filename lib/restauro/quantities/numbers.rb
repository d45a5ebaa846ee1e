module Restauro
  # Numbers as people write them in recipes: 1 1/2, ½, 1½, 1.5, 1,5, one, half a, 1-2, 1 to 2.
  module Numbers
    GLYPHS = {"¼" => "1/4", "½" => "1/2", "¾" => "3/4", "⅓" => "1/3", "⅔" => "2/3", "⅕" => "1/5", "⅖" => "2/5", "⅗" => "3/5",
              "⅘" => "4/5", "⅙" => "1/6", "⅚" => "5/6", "⅛" => "1/8", "⅜" => "3/8", "⅝" => "5/8", "⅞" => "7/8"}.freeze
    PLAIN = {"\u2044" => "/", "\u00a0" => " ", "\u2009" => " ", "\u202f" => " ", "\t" => " ", "\u2012" => "-", "\u2013" => "-", "\u2014" => "-",
             "\u2212" => "-", "\u00d7" => "x", "\u200b" => "", "\u200c" => "", "\u200d" => "", "\ufeff" => "", "\u00ad" => ""}.freeze
    # A number with a weight behind it.
    WEIGHED = /\d[[:space:]]*(?:k?g|(?:kilo)?gram(?:me)?s?|kilos?|oz|ounces?|lbs?|pounds?)\b/i
    ODD = Regexp.union(PLAIN.keys)
    AND_A_PART = %r{(?<=\d)[\s-]+(?:and|&)[\s-]+(?=[1-9]\s*/\s*[2-9])}i
    AND_PARTS = {"half" => "1/2", "quarter" => "1/4", "third" => "1/3"}.freeze
    AND_A_HALF = /(?<=\d)\s+and\s+a\s+(half|quarter|third)\b\s*/i
    GLYPH = /(?:(\d)\s?)?([#{GLYPHS.keys.join}])/
    WORDS = {"half" => 1/2r, "quarter" => 1/4r, "a" => 1r, "an" => 1r, "one" => 1r, "two" => 2r, "three" => 3r, "four" => 4r,
             "five" => 5r, "six" => 6r, "seven" => 7r, "eight" => 8r, "nine" => 9r, "ten" => 10r, "eleven" => 11r, "twelve" => 12r,
             "thirteen" => 13r, "fourteen" => 14r, "fifteen" => 15r, "sixteen" => 16r, "eighteen" => 18r, "twenty" => 20r,
             "thirty" => 30r, "forty" => 40r, "fifty" => 50r, "sixty" => 60r, "ninety" => 90r, "dozen" => 12r}.freeze
    # "Twenty-five": no range.
    TENS_AND_ONES = /(?:twenty|thirty|forty|fifty|sixty|ninety)[\s-](?:one|two|three|four|five|six|seven|eight|nine)\b/i
    DIGITS = %r{\d+\s*-\s*\d+\s*/\s*\d+(?![\d/])|\d+\s+\d+\s*/\s*\d+|\d+\s*/\s*\d+|\d{1,3}(?:,\d{3})+(?:\.\d+)?|
      \d{1,3}(?:\ \d{3})+(?=\s*(?:g|ml)\b)|\d+[.,]\d+|\d+|\.\d+}x
    PARTS = /(?:an?\ )?couple(?:\ of)?|half\ a\ dozen|a\ dozen|one\ and\ a\ half|two\ and\ a\ half|(?:a\ |one\ )?half(?:\ an?)?|
      (?:a\ |one\ )?quarter(?:\ of\ an?)?|three\ quarters(?:\ of\ an?)?/ix
    # "Half and half" is poured, not counted.
    WORD = /(?!half\s+(?:and|&)\s+half)(?:#{PARTS}|#{TENS_AND_ONES}|(?:#{WORDS.keys.join("|")})\b)/i
    ONE = /(?:#{DIGITS}|#{WORD})/
    RANGE = /\A(-?#{ONE})(?:\s*(?:-|–|\bto\b|\bor\b)\s*(#{ONE}))?/i
    PHRASES = {/\A(?:an? )?couple/i => 2r, /\Ahalf a dozen/i => 6r, /\Aa dozen/i => 12r,
               /\Aone and a half/i => 3/2r, /\Atwo and a half/i => 5/2r, /\Athree quarters/i => 3/4r, /\A(?:a |one )?half/i => 1/2r,
               /\A(?:a |one )?quarter/i => 1/4r}.freeze

    module_function

    # Fraction glyphs, odd dashes and spaces made plain, so that "1½" reads "1 1/2".
    def plain(text)
      return joined(scanned(text.tr("\t", " "))) if text.ascii_only?

      joined(scanned(text.unicode_normalize(:nfc).gsub(ODD) { |char| PLAIN.fetch(char) }
                         .gsub(GLYPH) { "#{Regexp.last_match(1)} #{GLYPHS[Regexp.last_match(2)]} ".lstrip }))
    end

    # "1 and 1/2 cups", "2 and a half cups" is one number.
    def joined(text)
      text = text.gsub(AND_A_HALF) { " #{AND_PARTS.fetch($1.downcase)} " } if text.match?(AND_A_HALF)
      text.include?("/") ? text.gsub(AND_A_PART, " ") : text
    end

    # What a scan makes of a nought: "5OO ml", "1 0nion".
    def scanned(text)
      return text unless text.match?(/\d[oO]|\b0[[:alpha:]]/)

      text.gsub(/(?<=\d)[oO]+(?=\s|\d|g\b|ml\b|\z)/) { |noughts| "0" * noughts.length }.gsub(/\b0(?=[[:alpha:]]{3})/, "o")
    end

    # The number at the head of a plain text.
    # @return [Array(Estimate, String), nil] the midpoint of a range with its ends, and the rest of the text
    # @raise [InvalidInput] an impossible quantity: below zero, or over nothing
    def read(text)
      match = RANGE.match(text) or return nil
      ends = [match[1], match[2]].compact.map { |number| value(number.strip) }
      low, high = ends.minmax
      [Estimate.new(value: (low + high)/2r, low: low, high: high), match.post_match]
    end

    # @return [Rational] exact   @example value("1 1/2") # => Rational(3, 2)
    def value(number)
      raise InvalidInput, "'#{number}' is below zero; type an amount of 0 or more" if number.start_with?("-")

      phrase = PHRASES.find { |pattern, _| pattern.match?(number) }
      return phrase.last if phrase

      in_words = number.downcase.split(/[\s-]/).map { |word| WORDS[word] }
      in_words.all? ? in_words.sum : digits(number)
    end

    # As a cook writes it, to the nearest quarter: "1 1/2"; whole from ten on.   @param value [Float]   @return [String]
    def mixed(value)
      whole, part = [(4 * value).round, 1].max.divmod(4)
      return value.round.to_s if value >= 10 || part.zero?

      [(whole if whole.positive?), Rational(part, 4)].compact.join(" ")
    end

    # @return [Rational] of digits as people write them: a fraction, thousands, a point or a comma
    def digits(number)
      case number
      when %r{\A(\d+)(?:\s+|\s*-\s*)(\d+)\s*/\s*(\d+)\z} then Integer($1, 10) + fraction($2, $3)
      when %r{\A(\d+)\s*/\s*(\d+)\z} then fraction($1, $2)
      when /\A\d{1,3}( \d{3})+\z/ then Rational(number.delete(" "))
      when /\A\d{1,3}(,\d{3})+(\.\d+)?\z/ then Rational(number.delete(","))
      else Rational(number.tr(",", ".").sub(/\A\./, "0."))
      end
    end

    def fraction(above, below)
      raise InvalidInput, "'#{above}/#{below}' divides by zero; type an amount such as 1/2" if Integer(below, 10).zero?

      Rational(Integer(above, 10), Integer(below, 10))
    end
  end
end
