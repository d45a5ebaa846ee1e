module Restauro
  # How long a clock is to run, as a cook types it: "12", "1:30" (minutes and seconds), "90 s", "2 h", "1 h 15".
  module ClockText
    NUMBER = /\d+(?:[.,]\d+)?/
    SHAPES = {
      /\A(\d{1,3}):([0-5]\d)\z/ => ->(minutes, seconds) { minutes + seconds / 60 },
      /\A(\d{1,2}):([0-5]\d):([0-5]\d)\z/ => ->(hours, minutes, seconds) { 60 * hours + minutes + seconds / 60 },
      /\A(#{NUMBER})\s*(?:min|mins|minutes?|m)?\.?\z/i => ->(minutes) { minutes },
      /\A(#{NUMBER})\s*(?:s|sec|secs|seconds?)\.?\z/i => ->(seconds) { seconds / 60 },
      /\A(#{NUMBER})\s*(?:h|hrs?|hours?)\.?\z/i => ->(hours) { 60 * hours },
      /\A(\d{1,2})\s*(?:h|hrs?|hours?)\s*(?:and\s+)?(\d{1,2})\s*(?:min|mins|minutes?|m)?\z/i => ->(hours, minutes) do
        60 * hours + minutes
      end,
      /\A(\d{1,3})\s*(?:min|mins|minutes?|m)\s*(?:and\s+)?(\d{1,2})\s*(?:s|sec|secs|seconds?)\z/i => ->(
        minutes,
        seconds
      ) do
        minutes + seconds / 60
      end
    }.freeze

    module_function

    # @return [Float] minutes   @raise [InvalidInput]
    def minutes(text)
      words = text.to_s.strip
      shape, reckon = SHAPES.find { |pattern, _| pattern.match?(words) }
      unless shape
        raise InvalidInput, "how long is not understood: '#{words[0, 20]}'; type minutes such as 12, or 1:30, 90 s, 2 h"
      end

      reckon.call(*shape.match(words).captures.map { |number| number.tr(",", ".").to_f })
    end
  end
end
