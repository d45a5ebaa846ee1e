module Restauro
  module Devices
    # A probe thermometer made of arithmetic: its tip follows what it is put into with a lag, and shivers by a tenth.
    class ProbeModel
      LAG_S = 4.0
      NOISE_C = 0.15
      ROOM_C = 21.0

      def initialize(chance: Random.new(2))
        @chance = chance
        @tip = @around = ROOM_C
        @heats = nil
        @silent_until = 0.0
      end

      # @param command [Hash] "do" put (into celsius), heat (to celsius in seconds) or drop_out
      # @return [String, nil] what is wrong with it
      def obey(command, now)
        case command["do"]
        when "put"
          @heats, @around = nil, Float(command["celsius"])
        when "heat"
          @heats = [now, @around, Float(command["celsius"]), [Float(command["seconds"]), 0.1].max]
        when "drop_out"
          @silent_until = now + Float(command["seconds"])
        else
          return "a probe knows put, heat and drop_out; got '#{command["do"]}'"
        end
        nil
      rescue ArgumentError, TypeError
        "'#{command["do"]}' needs numbers"
      end

      # @return [Hash, nil]
      def reading(now)
        @now ||= now
        span = [now - @now, 0.0].max
        warm(now)
        @tip += (@around - @tip) * (1 - Math.exp(-span / LAG_S))
        @now = now
        return if now < @silent_until

        {kind: "probe", celsius: (@tip + (@chance.rand - 0.5) * 2 * NOISE_C).round(1)}
      end

      private

      def warm(now)
        return unless @heats

        start, from, to, seconds = @heats
        @around = from + (to - from) * ((now - start) / seconds).clamp(0.0, 1.0)
      end
    end
  end
end
