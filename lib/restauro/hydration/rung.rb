module Restauro
  module Hydration
    # A rung of the water-ratio ladder.   key · upper edge, nil for the last · middle where a target stands · says what
    # it is like
    Rung = Value.of(:key, :upper, :middle, :says) do
      def self.all =
        @all ||= DataFiles.yaml("hydration_rungs.yml").map { |row| new(**row.transform_keys(&:to_sym)) }.freeze
      # @return [Rung, nil] nil where the ratio is unknown   @example Rung.of(2.8).key # => "medium_coat"
      def self.of(ratio) = ratio && all.find { |rung| rung.upper.nil? || ratio < rung.upper }

      # @raise [NotFound]
      def self.fetch(key) =
        all.find { |rung| rung.key == key } || raise(NotFound, "rungs are #{all.map(&:key).join(", ")}; got '#{key}'")

      # What a cook asks for.
      # @param target [String, Numeric, nil] a rung or the ratio itself
      # @param range [Range] of ratios
      # @param what [String] "a batter"
      # @param examples [Array<Rung>] to name
      # @return [Float, nil]
      # @raise [InvalidInput]
      def self.ratio(target, range:, what:, examples: all)
        return if target.nil?

        number = Float(target, exception: false)
        return fetch(target.to_s).middle.to_f unless number
        return number if range.cover?(number)

        raise InvalidInput,
              "#{what}'s target is a rung (#{examples.map(&:key).join(", ")}) or a ratio from #{range.first} to #{range.last}, " \
                "got #{target}"
      end

      def name = key.tr("_", " ")
      def lower = Rung.all.take_while { |rung| !rung.equal?(self) }.last&.upper || 0.0
    end
  end
end
