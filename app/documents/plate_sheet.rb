require_relative "paper"

module Restauro
  module Documents
    # The plate-test sheet: rings to scale round a middle, a 50 mm ruler that proves the scale, and what to do. Printed
    # at 100 %.
    class PlateSheet
      MM = Paper::MM
      RINGS_MM = (20..95).step(5).to_a.freeze
      NUMBERED_MM = 10

      # @param grades [Array<Array(String, Float)>] words and mean radius in mm, to be marked
      # @param thin_ml [Float] volume for a thin sauce
      # @param address [String, nil] of the page that reads the rings, where a phone can reach it
      def initialize(grades, millilitres:, thin_ml:, seconds:, paper: "a4", address: nil)
        @paper = paper
        @address = address
        @grades = grades
        @millilitres = millilitres.round
        @thin_ml = thin_ml.round
        @seconds = seconds.round
      end

      # @return [String] PDF bytes
      def render
        Paper.document("Restauro plate test", size: @paper, margin: 0) { |pdf| draw(pdf) }.render
      end

      private

      def draw(pdf)
        lower = @paper == "letter" ? 14 : 0
        heading(pdf, lower)
        rings(pdf, pdf.bounds.width / 2, (152 - lower) * MM)
        ruler(pdf, 20 * MM, (36 - lower) * MM)
        marks(pdf, 92 * MM, (46 - lower) * MM)
        code(pdf) if @address
      end

      # To read the rings into the page.
      def code(pdf)
        edge = 14 * MM
        pdf.bounding_box([edge, pdf.bounds.top - edge], width: pdf.bounds.width - 2 * edge, height: 40 * MM) do
          Paper.code(pdf, @address, side: 22 * MM)
        end
      end

      def heading(pdf, lower)
        pdf.font("Literata") { pdf.draw_text "Plate test", at: [20 * MM, (279 - lower) * MM], size: 20 }
        lines = [
          "Print at 100 %: the ruler below must measure 50 mm. Lay a warm, level glass plate over this page.",
          "Sauce at 60 °C, #{@millilitres} mL in a bottomless ring on the middle; lift; after #{@seconds} s read the mean radius in mm.",
          "A thin sauce: #{@thin_ml} mL, and say so. A cold plate reads a tenth small."
        ]
        lines.each_with_index do |line, index|
          pdf.draw_text line, at: [20 * MM, (270 - lower - 6 * index) * MM], size: 10.5
        end
      end

      def rings(pdf, x, y)
        RINGS_MM.each do |radius|
          numbered = (radius % NUMBERED_MM).zero?
          pdf.line_width numbered ? 0.9 : 0.4
          pdf.stroke_circle [x, y], radius * MM
          pdf.draw_text radius.to_s, at: [x + 1.2 * MM, y + (radius + 0.8) * MM], size: 9 if numbered
        end
        pdf.line_width 0.6
        pdf.stroke { pdf.line([x - 4 * MM, y], [x + 4 * MM, y]) && pdf.line([x, y - 4 * MM], [x, y + 4 * MM]) }
      end

      def ruler(pdf, x, y)
        pdf.line_width 0.8
        pdf.stroke { pdf.line [x, y], [x + 50 * MM, y] }
        (0..50).each do |mm|
          height = (mm % 10).zero? ? 5 : ((mm % 5).zero? ? 3.5 : 2)
          pdf.stroke { pdf.line [x + mm * MM, y], [x + mm * MM, y + height * MM] }
        end
        pdf.draw_text "50 mm", at: [x, y - 5 * MM], size: 10
      end

      def marks(pdf, x, y)
        @grades.each_with_index do |(words, radius), index|
          pdf.draw_text "#{words}: about #{radius.round} mm", at: [x, y - 5.5 * index * MM], size: 10.5
        end
      end
    end
  end
end
