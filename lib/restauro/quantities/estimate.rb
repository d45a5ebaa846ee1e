module Restauro
  # A figure with its band: low <= value <= high, all in the same unit, which the name that holds it tells.
  # Shares combine as independent errors (root of the sum of squares), each side on its own.
  Estimate = Struct.new(:value, :low, :high, keyword_init: true) do
    def initialize(value:, low: value, high: value)
      unless [value, low, high].all? { |n| n.respond_to?(:finite?) && n.finite? }
        raise ArgumentError, "an estimate is finite, got #{[value, low, high].inspect}"
      end

      super(value: value.to_f, low: [low, value].min.to_f, high: [high, value].max.to_f)
      freeze
    end

    # @param share [Float] half-width as a share of the value
    # @example Estimate.within(100, 0.1) # => low 90, value 100, high 110
    def self.within(value, share, high_share = share) =
      new(value: value, low: value * (1 - share), high: value * (1 + high_share))

    # Estimates of independent things, added: values add, half-widths add as squares.
    def self.sum(estimates)
      value = estimates.sum(0.0, &:value)
      below = Math.sqrt(estimates.sum(0.0) { |e| (e.value - e.low)**2 })
      above = Math.sqrt(estimates.sum(0.0) { |e| (e.high - e.value)**2 })
      new(value: value, low: value - below, high: value + above)
    end

    # So many times as much.   @param other [Numeric]   @return [Estimate]
    def *(other) = Estimate.new(value: value * other, low: low * other, high: high * other)

    # The same value with another independent error, a share of it, combined in.
    def widen(share, high_share = share)
      Estimate.new(
        value: value,
        low: value - value * Math.hypot(low_share, share),
        high: value + value * Math.hypot(self.high_share, high_share)
      )
    end

    # @return [Float] half-width below, as a share
    def low_share = value.zero? ? 0.0 : (value - low) / value
    # @return [Float] half-width above, as a share
    def high_share = value.zero? ? 0.0 : (high - value) / value

    # A rising function of the figure, applied to value and both ends.
    def map = Estimate.new(value: yield(value), low: yield(low), high: yield(high))
  end
end
