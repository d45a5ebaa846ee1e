module Restauro
  module Presenters
    # What stands before the learner: the pan from above with its spoon, the dough, the coat behind glass, the pot. Everything drawn is a number
    # of the play; where things lie is seeded, so that it stays from second to second.
    class PracticePicture
      WIDTH, HEIGHT = 560, 316
      BUBBLES = 34

      def initialize(lesson, play)
        @lesson = lesson
        @play = play
        @scene = play.scene
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", send(@lesson.kind), viewBox: "0 0 #{WIDTH} #{HEIGHT}", class: "practice-picture", role: "img", aria_label: @play.words)
      end

      private

      attr_reader :scene

      # The middle of the pan.
      PAN = [190, 160].freeze

      def ellipse(x, y, wide, high, name) = Svg.tag("ellipse", cx: x, cy: y, rx: wide, ry: high, class: name)
      def dots(found, centre, size) = found.map { |away, turn| ellipse(*at(centre, away, turn), size, size, "practice-bubble") }.join

      # Where things lie, the same every time.
      def places(count, radius) = Random.new(7).then { |random| Array.new(count) { [Math.sqrt(random.rand) * radius, random.rand * 2 * Math::PI] } }
      def at(centre, away, turn, squash = 0.62) = [centre[0] + away * Math.cos(turn), centre[1] + away * squash * Math.sin(turn)]

      def pan
        inside = scene[:liquid] ? "practice-sauce" : "practice-roux practice-roux-#{scene[:colour]}"
        [ellipse(*PAN, 168, 108, "practice-rim"), ellipse(*PAN, 154, 96, inside), caught, bubbles, lumps, trail, skin,
         Svg.tag("path", d: "M358 160H430", class: "practice-handle"), spoon].join
      end

      # More with heat, larger and fewer as it thickens; none below what a pan shows.
      def bubbles
        return "" unless scene[:liquid] && scene[:celsius] > 55

        share = scene[:boiling] ? 1.0 : ((scene[:celsius] - 55) / 45).clamp(0.0, 0.5)
        size = (2 + 40 * scene[:pa_s].clamp(0.0, 0.6)) * (scene[:boiling] ? 1 : 0.4)
        count = (BUBBLES * share / (1 + 2 * scene[:pa_s].clamp(0.0, 2.0))).round
        dots(places(BUBBLES, 140).first(count), PAN, size)
      end

      def lumps
        return "" unless scene[:lumps] == "high"

        places(16, 120).map { |away, turn| ellipse(*at(PAN, away, turn + 1), 8, 6, "practice-lump") }.join
      end

      # The way of a whisk: it stays the longer the thicker it is.
      def trail
        return "" unless scene[:whisk] && scene[:liquid]

        width = (2 + 60 * scene[:pa_s].clamp(0.0, 0.5)).round(1)
        Svg.tag("path", d: "M110 150C150 100 240 100 270 150S200 220 150 190", class: "practice-trail", stroke_width: width)
      end

      def skin
        return "" unless scene[:skin]

        Svg.tag("path", d: "M80 140C140 130 150 170 210 150S290 150 300 170M90 190C140 180 190 210 260 195", class: "practice-skin")
      end

      def caught = scene[:caught] ? Svg.tag("path", d: "M50 190A154 96 0 0 0 330 190A190 70 0 0 1 50 190Z", class: "practice-caught") : ""

      def spoon
        return "" unless scene[:liquid]

        moment = {grade: scene[:grade], film_mm: scene[:film_mm], text: @play.words}
        spoon = Spoon.new(moment)
        "<g transform=\"translate(350 186)\">#{spoon.drawn}</g>" +
          Svg.text("film on the spoon: #{spoon.film_words}", x: WIDTH - 8, y: HEIGHT - 8, text_anchor: "end", class: "practice-name")
      end

      # The ball, its crack or its shine, and the bend.
      def hands
        dry, wet = scene[:says].start_with?("cracks"), scene[:says].start_with?("sticks")
        shine = wet ? Svg.tag("path", d: "M120 150C140 110 200 100 240 120", class: "practice-shine") : ""
        cracks = dry ? Svg.tag("path", d: "M150 120L170 160L160 200M220 110L215 150L235 190M260 140L250 170", class: "practice-crack") : ""
        ellipse(200, 170, 120, wet ? 62 : 84, "practice-dough") + shine + cracks + bend(dry) +
          Svg.text(scene[:says], x: 90, y: 284, class: "practice-name")
      end

      # A strip of it, bent: whole, or broken in two.
      def bend(dry)
        return "" unless scene[:pressed]

        high = dry ? 150 : 120
        Svg.tag("path", d: "M380 210C400 #{high} 480 #{high} 500 210", class: "practice-bend#{" practice-broken" if dry}") +
          Svg.text("bent", x: 425, y: 240, class: "practice-name")
      end

      def coat
        glass = Svg.tag("rect", x: 30, y: 30, width: 500, height: 220, rx: 14, class: scene[:oil] ? "practice-oil" : "practice-glass")
        colour = "practice-coat practice-coat-#{scene[:colour]}"
        shape = scene[:kind] == "floret" ? ellipse(280, 140, 78, 78, colour) :
                                           Svg.tag("rect", x: 170, y: 105, width: 220, height: 70, rx: 16, class: colour)
        boil = scene[:oil] && !scene[:crisp] ? dots(places(20, 130), [280, 140], 4) : ""
        glass + shape + boil + cut_profile + Svg.text("#{scene[:colour]}#{", crisp" if scene[:crisp]}", x: 40, y: 284, class: "practice-name")
      end

      # Cut open: rings from the middle out, by their own temperature.
      def cut_profile
        return "" unless scene[:profile]

        rings(scene[:profile], 280, 140, 66) + Svg.text("cut open: #{scene[:centre].round} °C in the middle", x: 240, y: 284, class: "practice-name")
      end

      def rings(profile, x, y, radius)
        profile.each_with_index.reverse_each.map do |celsius, index|
          away = radius * (index + 1.0) / profile.length
          ellipse(x, y, away, away, "practice-ring heat-#{(celsius / 20).floor.clamp(0, 4)}")
        end.join
      end

      def pot
        level = scene[:floating] ? 96 : 216
        pieces = Array.new(6) { |index| ellipse(110 + 56 * index, level + 8 * (index % 2), 24, 18, "practice-dumpling") }.join
        water = Svg.tag("path", d: "M50 90H450V250H50Z", class: "practice-water") + Svg.tag("path", d: "M44 60V250H456V60", class: "practice-potside")
        water + pieces + cut_dumpling
      end

      def cut_dumpling
        return "" unless scene[:profile]

        rings(scene[:profile], 505, 150, 42) + Svg.text("cut: #{scene[:centre].round} °C", x: 460, y: 220, class: "practice-name")
      end
    end
  end
end
