module Restauro
  module Families
    class Sauce
      # Something the cook does at a moment of the course, as the command line writes it:
      #   "t=SECONDS add GRAMS KEY [at CELSIUS]", "t=SECONDS heat LEVEL|WATTS|off", "t=SECONDS lid on|off"
      Event = Struct.new(:seconds, :kind, :grams, :ingredient, :celsius, :watts, :on, keyword_init: true) do
        def initialize(**) = super.freeze

        # @param text [String]   @param catalogue [Catalogue]   @return [Event]   @raise [InvalidInput]
        def self.parse(text, catalogue)
          match = /\At=(\d+(?:\.\d+)?)\s+(add|heat|lid)\s+(.+)\z/.match(text.strip) or raise bad(text)
          seconds = Float(match[1])
          longest = Constants.fetch(:sauce, :longest_seconds)
          if seconds > longest
            raise InvalidInput, "an event is at most #{longest.round} s from the start, got #{text}"
          end

          send(match[2], seconds, match[3], text, catalogue)
        end

        class << self
          private

          def bad(text)
            InvalidInput.new(
              "event '#{text}' not understood; type 't=600 add 50 water at 20', 't=600 heat low' or 't=600 lid on'"
            )
          end

          def add(seconds, rest, text, catalogue)
            match = /\A(\d+(?:\.\d+)?)\s*g?\s+([a-z_]+)(?:\s+at\s+(-?\d+(?:\.\d+)?)\s*C?)?\z/.match(rest) or
              raise bad(text)
            celsius = match[3] ? Float(match[3]) : Constants.fetch(:pan, :start_celsius)
            raise InvalidInput, "event '#{text}': a temperature is -20 to 100 C" unless (-20..100).cover?(celsius)

            new(
              seconds: seconds,
              kind: :add,
              grams: Float(match[1]),
              ingredient: catalogue.fetch(match[2]),
              celsius: celsius
            )
          end

          def heat(seconds, rest, text, _catalogue)
            watts =
              case rest
              when "off"
                0.0
              when /\A\d+(\.\d+)?\s*W?\z/i
                Float(rest[/[\d.]+/])
              when /\A[a-z_]+\z/
                Physics::Pan.watts(rest)
              else
                raise bad(text)
              end
            raise InvalidInput, "event '#{text}': a hob gives at most 5000 W" if watts > 5000

            new(seconds: seconds, kind: :heat, watts: watts)
          end

          def lid(seconds, rest, text, _catalogue)
            raise bad(text) unless %w[on off].include?(rest)

            new(seconds: seconds, kind: :lid, on: rest == "on")
          end
        end
      end
    end
  end
end
