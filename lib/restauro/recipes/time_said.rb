# frozen_string_literal: true

module Restauro
  module Recipes
    # The times that a sentence says, in its order: "1 hour 20 minutes, then 10 more" is 80 and 10.
    module TimeSaid
      # "2 timer" are hours in the north: "one at a time" and "set a timer" are none.
      HOUR = "hours?|hrs?|h(?=\\b|\\d)|stunden?|std\\.?|heures?|ore|ora|horas?|uur|timm(?:e|ar)|" \
             "godz(?:in(?:a|y|ę)?)?|(?<=\\d )timer?"
      MINUTE = "(?<=\\d)m(?!\\.)|mins?|minut(?:es?|en|i|os?|er|ter|a|y|ów)|minuut"
      MORE = "(?:more|further|extra|additional|weitere)"
      NUMBER = /#{Numbers::ONE}(?:\s*(?:-|to|or)\s*#{Numbers::ONE})?/i
      TIME = /(?<![\d.,\/])(#{NUMBER})\s*-?\s*(?:#{MORE}\s+)?(?:(#{HOUR})|#{MINUTE})\b(\s+and\s+a\s+half\b)?/i
      PHRASES = DataFiles.yaml("units/time_phrases.yml").to_h do |minutes, words|
        [DataFiles.pattern("\\b(?:#{words})"), "#{minutes} minutes"]
      end
      # "1:20 hours"; "1 h 30", "1h30": the minutes behind an hour need no unit.
      CLOCK = /(\d):(\d{2})\s*(?:#{HOUR})\b/i
      HOUR_AND = /(\d)\s*(?:h|hrs?|std)\.?\s*(\d{2})(?!\d|\s*(?:°|C\b|F\b|g\b|ml\b|cm\b))(?:\s*(?:#{MINUTE})\b)?/i
      FROM_TO = /(?<=\d)\s*(?:bis|à|a|tot)\s*(?=\d)/i
      BETWEEN = /\b(?:between|zwischen|entre|tra|fra|tussen|mellan|mellem|między)\s+(\d+)
        \s+(?:and|und|et|y|e|en|och|og|a)\s+(?=\d)/ix
      # Only where nothing else is said: "20'" (no inches of a tin), "90 seconds" ("fry 30 seconds, simmer 20 minutes").
      PRIME = /(?<=\d)\s?['′’](?!['′’[:alnum:]])/
      SECONDS = /(#{NUMBER})\s*-?\s*(?:seconds|secs?|sekunden|secondes|secondi|segundos|seconden|sekunder)\b/i
      JOINED = /\A[,\s]*(?:and\b\s*)?\z/i

      module_function

      # @param text [String]   @return [Array<Float>] min
      def of(text)
        plain = figures(text)
        found = times(plain)
        found.any? ? found : times(plain.gsub(PRIME, " min").gsub(SECONDS) { "#{minutes_of($1)} min" })
      end

      # @param text [String]   @return [String] its phrases in figures, the minutes behind their hours
      def figures(text)
        plain = PHRASES.reduce(text) { |said, (words, minutes)| said.gsub(words, minutes) }
        plain = plain.gsub(CLOCK, '\1 h \2 min').gsub(HOUR_AND, '\1 h \2 min')
        Numbers.plain(plain).gsub(FROM_TO, "-").gsub(BETWEEN, '\1-')
      end

      # @param plain [String] see figures   @return [Array<Float>] min
      def times(plain)
        found = plain.to_enum(:scan, TIME).filter_map { timed(Regexp.last_match) }
        found.chunk_while { |a, b| a[:hours] && !b[:hours] && plain[a[:to]...b[:from]].match?(JOINED) }
             .map { |times| times.sum { |time| time[:minutes] } }
      end

      # @param seconds [String] a number or a range   @return [Float] min
      def minutes_of(seconds) = (Numbers.read(seconds).first.value / 60).to_f.round(2)

      # One time of them.   @param match [MatchData] of TIME   @return [Hash, nil] minutes, whether hours, from and to
      def timed(match)
        number = Numbers.read(match[1])&.first or return
        value = number.value + (match[3] ? 0.5 : 0)
        {minutes: value.to_f * (match[2] ? 60 : 1), hours: !match[2].nil?, from: match.begin(0), to: match.end(0)}
      end
    end
  end
end
