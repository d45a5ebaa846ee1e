# frozen_string_literal: true

module Restauro
  module Recipes
    # The times that a sentence says, in its order: "1 hour 20 minutes, then 10 more" is 80 and 10.
    module TimeSaid
      # "2 timer" are hours in the north: "one at a time" and "set a timer" are none.
      HOUR = "hours?|hrs?|h(?=\\b|\\d)|stunden?|std\\.?|heures?|ore|ora|horas?|uur|timm(?:e|ar)|" \
             "godz(?:in(?:a|y|ę)?)?|(?<=\\d )timer?"
      MINUTE = "mins?|minut(?:es?|en|i|os?|er|ter|a|y|ów)|minuut"
      MORE = "(?:more|further|extra|additional|weitere)"
      NUMBER = /#{Numbers::ONE}(?:\s*(?:-|to|or)\s*#{Numbers::ONE})?/i
      TIME = /(?<![\d.,\/])(#{NUMBER})\s*-?\s*(?:#{MORE}\s+)?(?:(#{HOUR})|#{MINUTE})\b(\s+and\s+a\s+half\b)?/i
      PHRASES = DataFiles.yaml("units/time_phrases.yml").to_h do |minutes, words|
        [DataFiles.pattern("\\b(?:#{words})"), "#{minutes} minutes"]
      end
      # "1 h 30", "1h30": the minutes behind an hour need no unit.
      HOUR_AND = /(\d)\s*(?:h|hrs?|std)\.?\s*(\d{2})(?!\d|\s*(?:°|C\b|F\b|g\b|ml\b|cm\b))(?:\s*(?:#{MINUTE})\b)?/i
      FROM_TO = /(?<=\d)\s*(?:bis|à|a|tot)\s*(?=\d)/i
      JOINED = /\A[,\s]*(?:and\b\s*)?\z/i

      module_function

      # @param text [String]   @return [Array<Float>] min
      def of(text)
        plain = PHRASES.reduce(text) { |said, (words, minutes)| said.gsub(words, minutes) }
        plain = plain.gsub(HOUR_AND, '\1 h \2 min')
        plain = Numbers.plain(plain).gsub(FROM_TO, "-")
        found = plain.to_enum(:scan, TIME).filter_map { timed(Regexp.last_match) }
        found.chunk_while { |a, b| a[:hours] && !b[:hours] && plain[a[:to]...b[:from]].match?(JOINED) }
             .map { |times| times.sum { |time| time[:minutes] } }
      end

      # One time of them.   @param match [MatchData] of TIME   @return [Hash, nil] minutes, whether hours, from and to
      def timed(match)
        number = Numbers.read(match[1])&.first or return
        value = number.value + (match[3] ? 0.5 : 0)
        {minutes: value.to_f * (match[2] ? 60 : 1), hours: !match[2].nil?, from: match.begin(0), to: match.end(0)}
      end
    end
  end
end
