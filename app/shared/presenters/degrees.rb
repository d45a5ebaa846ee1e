module Restauro
  module Presenters
    # Degrees in running words and in finished pages, from Celsius into Fahrenheit. What a cook typed is left as it was
    # typed.
    module Degrees
      NUMBER = /-?\d{1,3}(?:\.\d+)?/
      FOUND =
        /(?<![\d.])(#{NUMBER})(?:(\s*(?:to|or|and|–)\s*)(#{NUMBER}))?(\s?)°\s?C(?![a-z])|(?<![\d.])(\d{2,3})(\s)C\b(?!\/)/
      # Where both stand already.
      BOTH = /#{NUMBER}\s?°C \((#{NUMBER})\s?°F\)/
      # An oven's dial is no finer; below it a degree can matter.
      COARSE_FROM, STEP = 140, 5
      LEFT_ALONE = %r{<(textarea|script|style|option)\b.*?</\1>}m

      module_function

      # @example fahrenheit("35 min at 190 °C.") # => "35 min at 375 °F."
      def fahrenheit(text)
        text
          .gsub(BOTH, "\\1 °F")
          .gsub(FOUND) do
            low, between, high, gap, bare, bare_gap = Regexp.last_match.captures
            next "#{of(bare)}#{bare_gap}F" if bare

            "#{of(low)}#{"#{between}#{of(high)}" if high}#{gap}°F"
          end
      end

      def of(celsius)
        degrees = Kitchen::Fahrenheit.of(celsius)
        celsius.to_i >= COARSE_FROM ? (degrees / STEP).round * STEP : degrees.round
      end

      # Words between tags, and the ticks of an axis; not what stands in a field.   @param html [String]
      def page(html)
        kept = []
        html = html.gsub(LEFT_ALONE) do |found|
          kept << found
          "\u0000#{kept.length - 1}\u0000"
        end
        html = html.gsub(%r{(<text[^>]*\bdegrees\b[^>]*>)(-?\d+)( °C)?(?=</text>)}) do
          "#{$1}#{Kitchen::Fahrenheit.of($2).round}#{" °F" if $3}"
        end
        html = html.gsub(/>[^<>]+</) { |words| fahrenheit(words) }
        html.gsub(/\u0000(\d+)\u0000/) { kept.fetch(Integer($1)) }
      end
    end
  end
end
