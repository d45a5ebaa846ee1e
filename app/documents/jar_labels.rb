require_relative "paper"

module Restauro
  module Documents
    # Labels to cut out and stick on the jars of home blends: what, when, of what, what is in it for whom it matters.
    class JarLabels
      MM = Paper::MM
      WIDTH, HEIGHT, GAP = 86 * MM, 56 * MM, 4 * MM
      COLUMNS = 2

      # name · mixed_on String or nil · parts Array of [name, g] · allergens Array of String · finding words or nil
      Label = Value.of(:name, :mixed_on, :parts, :allergens, :finding)

      # @param labels [Array<Label>]
      def initialize(labels, paper: "a4")
        @labels = labels
        @paper = paper
      end

      # @return [String] PDF bytes
      def render
        Paper
          .document("Labels for jars", size: @paper) do |pdf|
            rows = (pdf.bounds.height / (HEIGHT + GAP)).floor
            @labels
              .each_slice(COLUMNS * rows)
              .with_index do |page, number|
                pdf.start_new_page if number.positive?
                page.each_with_index { |label, index| draw(pdf, label, index) }
              end
          end
          .render
      end

      private

      def draw(pdf, label, index)
        left = (index % COLUMNS) * (WIDTH + GAP)
        top = pdf.bounds.top - (index / COLUMNS) * (HEIGHT + GAP)
        pdf.dash(2) { pdf.stroke_rectangle [left, top], WIDTH, HEIGHT }
        pdf.undash
        pdf.bounding_box([left + 3 * MM, top - 3 * MM], width: WIDTH - 6 * MM, height: HEIGHT - 6 * MM) do
          words(pdf, label)
        end
      end

      def words(pdf, label)
        pdf.font("Literata") { fit(pdf, label.name, size: 15, height: 22) }
        fit(pdf, label.mixed_on, size: 9, height: 12) if label.mixed_on
        fit(pdf, parts(label), size: 9.5, height: 52)
        holds =
          (
            if label.allergens.any?
              "Holds: #{label.allergens.join(", ")}."
            else
              "None of the listed allergens is in its flours."
            end
          )
        fit(pdf, holds, size: 9.5, height: 26, style: :bold)
        fit(
          pdf,
          [label.finding, "Read the packs: this is not called gluten free."].compact.join(" "),
          size: 7.5,
          height: 22
        )
      end

      def parts(label)
        whole = label.parts.sum { |_, grams| grams }
        label.parts.map { |name, grams| "#{name} #{(100 * grams / whole).round} %" }.join(", ")
      end

      # As large as it may be, smaller where it must.
      def fit(pdf, words, size:, height:, style: :normal)
        pdf.text_box Paper.plain(pdf, words),
                     at: [0, pdf.cursor],
                     size: size,
                     height: height,
                     width: pdf.bounds.width,
                     overflow: :shrink_to_fit,
                     min_font_size: 5,
                     style: style
        pdf.move_down height
      end
    end
  end
end
