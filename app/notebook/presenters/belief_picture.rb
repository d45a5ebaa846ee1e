module Restauro
  module Presenters
    # A figure before and after: the book's with its band above, ours with its band below, on one scale of "so much
    # less, so much more", or of degrees where it is an oven's knob.
    class BeliefPicture
      LEFT, RIGHT = 70, 430
      # What the scale ends at, as a logarithm, and its ticks.
      FACTORS = [0.7, {0.5 => "half", 0.75 => "¾", 1.0 => "book", 1.33 => "⅓ more", 2.0 => "twice"}].freeze
      KNOB = 0.35

      # Of an oven's knob, in degrees as the house counts them.
      def self.knob(fahrenheit:)
        size, step = fahrenheit ? [5.0 / 9, 25] : [1.0, 15]
        ticks = [-2, -1, 0, 1, 2].to_h do |count|
          [
            Math.exp(count * step * size / Constants.fetch(:learning, :offset_scale_k)),
            count.zero? ? "knob" : format("%+d°", count * step)
          ]
        end
        [KNOB, ticks]
      end

      # @param belief [Learning::Posterior::Belief]   @param before [Float] share that the book may be off
      # @param scale [Array] FACTORS or BeliefPicture.knob
      def initialize(belief, before, scale: FACTORS)
        @most, @ticks = scale
        @belief = belief
        @before = before
      end

      # @return [String] SVG
      def to_s
        Svg.tag(
          "svg",
          [
            axis,
            band(18, 1 / (1 + @before), 1 + @before, 1.0, "book"),
            band(46, @belief.low, @belief.high, @belief.factor, "ours")
          ].join,
          viewBox: "0 0 470 84",
          class: "belief",
          role: "img",
          aria_label: words
        )
      end

      private

      def words
        factor, low, high = [@belief.factor, @belief.low, @belief.high].map { |value| Format.number(value) }
        "The book: give or take #{(100 * @before).round} %. Ours: #{factor} times it, #{low} to #{high}"
      end

      def x(factor) = LEFT + (RIGHT - LEFT) * ((Math.log(factor) / @most).clamp(-1.0, 1.0) + 1) / 2

      def axis
        @ticks
          .map do |factor, name|
            Svg.tag(
              "line",
              x1: x(factor),
              x2: x(factor),
              y1: 6,
              y2: 62,
              class: factor == 1.0 ? "belief-book" : "grid"
            ) + Svg.text(name, x: x(factor), y: 80, class: "tick", text_anchor: "middle")
          end
          .join
      end

      def band(y, low, high, middle, name)
        Svg.text(name, x: 0, y: y + 5, class: "belief-name") +
          Svg.tag(
            "rect",
            x: x(low),
            y: y - 8,
            width: [x(high) - x(low), 2].max,
            height: 16,
            rx: 4,
            class: "belief-#{name}"
          ) + Svg.tag("circle", cx: x(middle), cy: y, r: 6, class: "belief-dot")
      end
    end
  end
end
