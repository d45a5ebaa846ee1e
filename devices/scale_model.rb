module Restauro
  module Devices
    # A kitchen scale made of arithmetic: what is poured lies on it, the pan sways until it settles, drifts and shivers
    # a little, and shows whole steps. The clock is handed in, in seconds, and the chance too, so that it can be tested.
    class ScaleModel
      CAPACITY_G = 3000.0
      SETTLE_S = 0.25
      STILL_S = 0.5
      STILL_G = 0.8
      FOLLOW_S = 0.25
      DRIFT_G_PER_S = 0.004
      NOISE_G = 0.12
      RESOLUTIONS = [1.0, 0.1].freeze

      attr_reader :resolution

      # @param chance [Random]
      def initialize(chance: Random.new(1), resolution: 1.0)
        @chance = chance
        @resolution = resolution
        @on_pan = @sway = @tare = @drift = 0.0
        @pours = []
        @silent_until = @moved_at = 0.0
        @last = 0.0
      end

      # @param command [Hash] "do" tare, pour, lift, resolution or drop_out, with its figures
      # @return [String, nil] what is wrong with it
      def obey(command, now)
        case command["do"]
        # It waits for the pan to settle: what lies on it then is nothing.
        when "tare"
          @tare = @on_pan + @drift
        when "pour"
          pour(Float(command["grams"]), Float(command["seconds"] || 1.0), now)
        when "lift"
          lift
        when "resolution"
          return "resolution is 1 or 0.1" unless RESOLUTIONS.include?(@resolution = Float(command["grams"]))
        when "drop_out"
          @silent_until = now + Float(command["seconds"])
        else
          return "a scale knows tare, pour, lift, resolution and drop_out; got '#{command["do"]}'"
        end
        nil
      rescue ArgumentError, TypeError
        "'#{command["do"]}' needs numbers"
      end

      # @return [Hash, nil] what it shows; nil while it is silent
      def reading(now)
        advance(now)
        return if now < @silent_until

        overload = @on_pan > CAPACITY_G
        {
          kind: "scale",
          grams: overload ? nil : shown,
          stable: now - @moved_at > STILL_S,
          overload: overload,
          resolution: @resolution
        }
      end

      private

      def pour(grams, seconds, now)
        @now ||= now
        @pours << [now, [seconds, 0.05].max, grams]
      end

      def lift
        @pours.clear
        @on_pan = 0.0
      end

      # Pours run; the pan follows what lies on it.
      def advance(now)
        @now ||= now
        span = [now - @now, 0.0].max
        @pours.each do |start, seconds, grams|
          @on_pan += grams * [[now, start + seconds].min - [@now, start].max, 0.0].max / seconds
        end
        @pours.reject! { |start, seconds, _| now >= start + seconds }
        @on_pan = [@on_pan, 0.0].max
        @sway += (@on_pan - @sway) * (1 - Math.exp(-span / SETTLE_S))
        @drift += DRIFT_G_PER_S * span * (@chance.rand - 0.5) * 2
        @moved_at = now if (@sway - @last).abs > STILL_G
        @last += (@sway - @last) * (1 - Math.exp(-span / FOLLOW_S))
        @now = now
      end

      def shown
        raw = @sway + @drift - @tare + (@chance.rand - 0.5) * 2 * NOISE_G * [@resolution, 0.3].max
        ((raw / @resolution).round * @resolution).round(1)
      end
    end
  end
end
