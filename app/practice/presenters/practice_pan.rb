module Restauro
  module Presenters
    # A pan from above: what is in it, its bubbles, its lumps, the way of a whisk, its skin, and the spoon beside it.
    class PracticePan
      include PracticeShapes

      BUBBLES = 34
      MIDDLE = [190, 160].freeze

      # @param scene [Hash] of the play   @param words [String] what is to be seen
      def initialize(scene, words)
        @scene = scene
        @words = words
      end

      # @return [String] SVG
      def to_s
        inside = scene[:liquid] ? "practice-sauce" : "practice-roux practice-roux-#{scene[:colour]}"
        [ellipse(*MIDDLE, 168, 108, "practice-rim"), ellipse(*MIDDLE, 154, 96, inside), caught, bubbles, lumps, trail,
         skin, Svg.tag("path", d: "M358 160H430", class: "practice-handle"), spoon].join
      end

      private

      attr_reader :scene

      # More with heat, larger and fewer as it thickens; none below what a pan shows.
      def bubbles
        return "" unless scene[:liquid] && scene[:celsius] > 55

        share = scene[:boiling] ? 1.0 : ((scene[:celsius] - 55) / 45).clamp(0.0, 0.5)
        size = (2 + 40 * scene[:pa_s].clamp(0.0, 0.6)) * (scene[:boiling] ? 1 : 0.4)
        count = (BUBBLES * share / (1 + 2 * scene[:pa_s].clamp(0.0, 2.0))).round
        dots(places(BUBBLES, 140).first(count), MIDDLE, size)
      end

      def lumps
        return "" unless scene[:lumps] == "high"

        places(16, 120).map { |away, turn| ellipse(*at(MIDDLE, away, turn + 1), 8, 6, "practice-lump") }.join
      end

      # The way of a whisk: it stays the longer the thicker it is.
      def trail
        return "" unless scene[:whisk] && scene[:liquid]

        width = (2 + 60 * scene[:pa_s].clamp(0.0, 0.5)).round(1)
        Svg.tag("path", d: "M110 150C150 100 240 100 270 150S200 220 150 190", class: "practice-trail",
                stroke_width: width)
      end

      def skin
        return "" unless scene[:skin]

        Svg.tag("path", d: "M80 140C140 130 150 170 210 150S290 150 300 170M90 190C140 180 190 210 260 195",
                class: "practice-skin")
      end

      def caught
        return "" unless scene[:caught]

        Svg.tag("path", d: "M50 190A154 96 0 0 0 330 190A190 70 0 0 1 50 190Z", class: "practice-caught")
      end

      def spoon
        return "" unless scene[:liquid]

        moment = {grade: scene[:grade], film_mm: scene[:film_mm], text: @words}
        spoon = Spoon.new(moment)
        "<g transform=\"translate(350 186)\">#{spoon.drawn}</g>" +
          Svg.text("film on the spoon: #{spoon.film_words}", x: PracticePicture::WIDTH - 8,
                   y: PracticePicture::HEIGHT - 8, text_anchor: "end", class: "practice-name")
      end
    end
  end
end
