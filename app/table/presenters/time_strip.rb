module Restauro
  module Presenters
    # The whole dish on one strip of time, to scale: what the hands do above, what runs by itself below.
    class TimeStrip
      WIDTH, HEIGHT, LEFT, RIGHT = 1180, 132, 14, 1166
      HANDS_Y, ALONE_Y, BAR, AXIS_Y = 30, 66, 24, 100
      # What a kind of step is called where its own word is not plain.
      WORDS = {
        "set_out" => "set out",
        "preheat" => "heat oven",
        "prebake" => "bake blind",
        "reduce" => "boil down",
        "store" => "keep"
      }.freeze
      LETTER_PX = 7.6

      # @param steps [Array<Hash>] of a snapshot's method
      def initialize(steps)
        @steps = steps
        @slots = Dishes::Timeline.of(steps)
        @minutes = @slots.map(&:to).max || 0.0
      end

      # @return [String, nil] SVG; nil where nothing takes time
      def to_s
        return if @minutes < 1

        "<svg class=\"time-strip\" viewBox=\"0 0 #{WIDTH} #{HEIGHT}\" role=\"img\" aria-label=\"#{label}\">#{axis}#{bars}</svg>"
      end

      def label
        hands = @slots.select(&:attended).sum { |slot| slot.to - slot.from }
        "#{@minutes.round} minutes from start to table, #{hands.round} of them with hands on"
      end

      private

      def x(minute) = (LEFT + (RIGHT - LEFT) * minute / @minutes).round(1)

      def axis
        step = [5, 10, 15, 30, 60].find { |every| @minutes / every <= 12 } || 120
        marks = (0..@minutes.floor).step(step).map { |minute| mark(minute) }
        [
          Svg.tag("path", class: "strip-axis", d: "M#{LEFT} #{AXIS_Y}H#{RIGHT}"),
          *marks,
          Svg.text("to the table: #{@minutes.round} min", x: RIGHT, y: 16, class: "strip-end", text_anchor: "end")
        ].join
      end

      def mark(minute)
        Svg.tag("path", class: "strip-mark", d: "M#{x(minute)} #{AXIS_Y - 4}V#{AXIS_Y + 4}") +
          Svg.text(
            minute.zero? ? "start" : minute,
            x: x(minute),
            y: AXIS_Y + 20,
            class: "strip-minute",
            text_anchor: minute.zero? ? "start" : "middle"
          )
      end

      def bars
        @slots
          .map do |slot|
            y = slot.attended ? HANDS_Y : ALONE_Y
            width = [x(slot.to) - x(slot.from) - 1.5, 1.5].max
            kind = slot.attended ? "hands" : (@steps[slot.index][:heat] == "oven" ? "oven" : "alone")
            Svg.tag("rect", class: "strip-#{kind}", x: x(slot.from), y: y, width: width.round(1), height: BAR, rx: 3) +
              name(slot, y, width)
          end
          .join
      end

      # On the hob it is a pan that is heated, or the fat in it.
      def word(step)
        return step[:celsius] ? "heat fat" : "heat pan" if step[:kind] == "preheat" && step[:heat] == "hob"

        WORDS.fetch(step[:kind], step[:kind])
      end

      # A name only where it has room; the others are read in the method.
      def name(slot, y, width)
        step = @steps[slot.index]
        words = [word(step), (slot.to - slot.from).round].join(" ")
        words = word(step) if words.length * LETTER_PX > width
        return "" if words.length * LETTER_PX > width

        Svg.text(
          words,
          class: "strip-name strip-name-#{slot.attended ? "hands" : "alone"}",
          x: (x(slot.from) + 5).round(1),
          y: y + 17
        )
      end
    end
  end
end
