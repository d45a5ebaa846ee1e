module Restauro
  # Of one browser's changes only the newest is worth working out: an older one that waited its turn is let go.
  class LatestTurn
    MOST = 500
    CLOCK_PUT_BACK = 60_000 # a number older than this is no late arrival: the browser's clock, in ms, was set back

    def initialize
      @turns = {}
      @lock = Mutex.new
    end

    # @param browser [String]
    # @param turn [String, nil] a number that grows with every change of a page; nil where no script sends one
    # @return [Boolean] whether a newer one has come already
    def stale?(browser, turn)
      number = turn.to_s[/\A\d{1,15}\z/]&.to_i or return false
      @lock.synchronize do
        last = @turns.delete(browser) || 0
        late = number < last && last - number < CLOCK_PUT_BACK
        @turns[browser] = late ? last : number
        @turns.shift if @turns.length > MOST
        late
      end
    end
  end
end
