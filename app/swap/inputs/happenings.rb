module Restauro
  # What a cook writes of what else happens, a line each, as events of the course:
  #   "at 10 min add 50 g dry wine", "at 12 min heat low", "at 9 min lid on"
  class Happenings
    LINE = /\A\s*at\s+(\d+(?:[.,]\d+)?)\s*(?:min(?:utes?)?|m)\.?\s+(.+?)\s*\z/i
    MOST = 12

    # @param text [String]   @param family [Families::Sauce]   @param reader [Recipes::Reader]
    def initialize(text, family, reader)
      @lines = text.lines.map(&:strip).reject(&:empty?)
      @family = family
      @reader = reader
    end

    # @return [Array<Families::Sauce::Event>]   @raise [InvalidInput]
    def events
      raise InvalidInput, "at most #{MOST} things can happen to one sauce" if @lines.length > MOST

      @lines.map { |line| event(line) }
    end

    private

    def event(line)
      match = LINE.match(line) or raise InvalidInput, not_understood(line)
      seconds = (match[1].tr(",", ".").to_f * 60).round
      what = match[2].sub(/\Aadd\s+(.+)\z/i) { added(Regexp.last_match(1), line) }
      @family.event("t=#{seconds} #{what.downcase.sub("medium-high", "medium_high")}")
    end

    def added(words, line)
      thing, celsius = words.split(/\s+at\s+(?=\d)/i, 2)
      found = @reader.line(thing)
      raise InvalidInput, not_understood(line) unless found.ingredient && found.grams

      "add #{found.grams.value.round(1)} #{found.ingredient}#{" at #{celsius.to_f}" if celsius}"
    end

    def not_understood(line)
      "'#{line[0, 60]}' is not understood; type such as 'at 10 min add 50 g dry wine', 'at 12 min heat low' or 'at 9 min lid on'"
    end
  end
end
