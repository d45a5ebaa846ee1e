module Restauro
  module Making
    # A kitchen clock that runs down.   id · label · seconds s it runs · started_at, paused_at epoch s; paused_at nil
    # while it runs
    #   passed s before it was last started · stopped_at when it was put away, or nil
    Timer =
      Struct.new(:id, :label, :seconds, :started_at, :paused_at, :passed, :stopped_at, :step, keyword_init: true) do
        def initialize(passed: 0.0, paused_at: nil, stopped_at: nil, step: nil, **)
          super
          freeze
        end

        # The same with other values.   @return [Timer]
        def with(**changes) = Timer.new(**to_h.merge(changes))
        def running? = paused_at.nil? && stopped_at.nil?
        # @param now [Float] epoch s   @return [Float] s that have passed
        def passed_at(now) = passed + (stopped_at || paused_at ? 0.0 : now - started_at)
        # @param now [Float] s   @return [Float] s left; under nothing once it is over
        def left_at(now) = seconds - passed_at(now)
        def rung?(now) = stopped_at.nil? && left_at(now) <= 0
        # @return [Float, nil] epoch s when it rings; nil while it stands still
        def rings_at = running? ? started_at + seconds - passed : nil

        # @return [Timer]
        def pause(now) = running? ? with(passed: passed_at(now), paused_at: now) : self
        # @return [Timer]
        def go(now) = paused_at && !stopped_at ? with(started_at: now, paused_at: nil) : self
        # @return [Timer]
        def stop(now) = stopped_at ? self : with(passed: passed_at(now), stopped_at: now)
        # @param more [Float] s   @return [Timer]
        def longer(more) = with(seconds: seconds + more)
      end
  end
end
