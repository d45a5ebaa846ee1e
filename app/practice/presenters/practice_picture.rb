module Restauro
  module Presenters
    # What stands before the learner: the pan from above with its spoon, the dough, the coat behind glass, the pot.
    # Everything drawn is a number of the play; where things lie is seeded, so that it stays from second to second.
    class PracticePicture
      include PracticeShapes

      WIDTH, HEIGHT = 560, 316

      def initialize(lesson, play)
        @lesson = lesson
        @play = play
        @scene = play.scene
      end

      # @return [String] SVG
      def to_s
        Svg.tag("svg", send(@lesson.kind), viewBox: "0 0 #{WIDTH} #{HEIGHT}", class: "practice-picture", role: "img",
                aria_label: @play.words)
      end

      private

      attr_reader :scene

      def pan = PracticePan.new(scene, @play.words).to_s

      # The ball, its crack or its shine, and the bend.
      def hands
        dry, wet = scene[:says].start_with?("cracks"), scene[:says].start_with?("sticks")
        shine = wet ? Svg.tag("path", d: "M120 150C140 110 200 100 240 120", class: "practice-shine") : ""
        lines = "M150 120L170 160L160 200M220 110L215 150L235 190M260 140L250 170"
        cracks = dry ? Svg.tag("path", d: lines, class: "practice-crack") : ""
        ellipse(200, 170, 120, wet ? 62 : 84, "practice-dough") + shine + cracks + bend(dry) +
          Svg.text(scene[:says], x: 90, y: 284, class: "practice-name")
      end

      # A strip of it, bent: whole, or broken in two.
      def bend(dry)
        return "" unless scene[:pressed]

        high = dry ? 150 : 120
        Svg.tag("path", d: "M380 210C400 #{high} 480 #{high} 500 210",
                class: "practice-bend#{" practice-broken" if dry}") +
          Svg.text("bent", x: 425, y: 240, class: "practice-name")
      end

      def coat
        around = scene[:oil] ? "practice-oil" : "practice-glass"
        glass = Svg.tag("rect", x: 30, y: 30, width: 500, height: 220, rx: 14, class: around)
        colour = "practice-coat practice-coat-#{scene[:colour]}"
        slice = Svg.tag("rect", x: 170, y: 105, width: 220, height: 70, rx: 16, class: colour)
        shape = scene[:kind] == "floret" ? ellipse(280, 140, 78, 78, colour) : slice
        boil = scene[:oil] && !scene[:crisp] ? dots(places(20, 130), [280, 140], 4) : ""
        glass + shape + boil + cut_profile +
          Svg.text("#{scene[:colour]}#{", crisp" if scene[:crisp]}", x: 40, y: 284, class: "practice-name")
      end

      def cut_profile
        return "" unless scene[:profile]

        rings(scene[:profile], 280, 140, 66) +
          Svg.text("cut open: #{scene[:centre].round} °C in the middle", x: 240, y: 284, class: "practice-name")
      end

      def pot
        level = scene[:floating] ? 96 : 216
        pieces = Array.new(6) do |index|
          ellipse(110 + 56 * index, level + 8 * (index % 2), 24, 18, "practice-dumpling")
        end.join
        water = Svg.tag("path", d: "M50 90H450V250H50Z", class: "practice-water") +
          Svg.tag("path", d: "M44 60V250H456V60", class: "practice-potside")
        water + pieces + cut_dumpling
      end

      def cut_dumpling
        return "" unless scene[:profile]

        rings(scene[:profile], 505, 150, 42) +
          Svg.text("cut: #{scene[:centre].round} °C", x: 552, y: 284, class: "practice-name", text_anchor: "end")
      end
    end
  end
end
