require_relative "paper"

module Restauro
  module Documents
    # A dish on paper to hang by the stove: what must be read first and the amounts on the first page, what to do and
    # look for, a code that leads back to the page. One page where it fits in letters that can be read at arm's length,
    # else as many as it takes.
    class Card
      SIZES = [11.0, 10.0, 9.0, 8.0].freeze
      CODE = 30 * Paper::MM

      # @param snapshot [Hash] symbol keys
      # @param address [String, nil] of the page, where a phone can reach it
      # @param paper [String] a4 or letter
      # @param format [Presenters::HouseFormat] how this house writes
      def initialize(snapshot, address, paper: "a4", format: Presenters::Format)
        @snapshot = snapshot
        @address = address
        @paper = paper
        @format = format
      end

      # @return [String] PDF bytes
      def render = (SIZES.lazy.map { |size| draw(size) }.find { |pdf| pdf.page_count == 1 } || draw(SIZES[1])).render

      private

      def draw(size)
        Paper.document(title, size: @paper) do |pdf|
          Paper.code(pdf, @address, side: CODE) if @address
          head(pdf)
          first(pdf, size)
          amounts(pdf, size)
          steps(pdf, size)
          if pdf.page_count > 1
            pdf.number_pages "<page> of <total>", at: [pdf.bounds.right - 60, -6], size: 7, align: :right, width: 60
          end
        end
      end

      def title = @snapshot[:title] || "Sauce"
      def text(pdf, words, **more) = pdf.text(Paper.plain(pdf, @format.degrees(words)), **more)

      def head(pdf)
        pdf.bounding_box([0, pdf.cursor], width: pdf.bounds.width - CODE - 10) do
          pdf.font("Literata") { text(pdf, title, size: 20) }
          text(pdf, "gluten-free swap", size: 11)
          pdf.move_down 6
          @snapshot[:thickeners].each do |line|
            text(pdf, "#{amount(line)} #{line[:name]}", size: 20, style: :bold, leading: 2)
          end
        end
        pdf.move_cursor_to [pdf.cursor, pdf.bounds.top - CODE - 16].min
      end

      def amount(line)
        return grams(line[:grams]) unless @format.spoons_first? && line[:measure]

        "#{line[:measure]} (#{grams(line[:grams])})"
      end

      def grams(value) = value ? "#{Presenters::Format.grams(value)} g" : ""

      # What must be read before anything is weighed, in a frame: on the first page, in black and white as well.
      def first(pdf, size)
        words = [
          *@snapshot[:warnings].map { |warning| warning[:text] },
          "Nothing here is called gluten free: read every label, ask the maker. For an illness follow your clinician."
        ]
        pdf.move_down 2
        top = pdf.cursor
        pdf.indent(6, 6) { words.each { |one| text(pdf, "! #{one}", size: [size - 1, 8].max, leading: 1) } }
        pdf.stroke_rectangle [0, top + 4], pdf.bounds.width, top - pdf.cursor + 6
        pdf.move_down size
      end

      # Every line, under its part.
      def amounts(pdf, size)
        WrittenSnapshot
          .of(@snapshot, format: @format)
          .by_part
          .each do |part, lines|
            pdf.font("Literata") { text(pdf, part || "All of it", size: size + 2) }
            text(pdf, lines.map(&:text).join("   ·   "), size: size, leading: 1.5)
            pdf.move_down size / 2
          end
        pdf.move_down size / 2
      end

      def steps(pdf, size)
        @snapshot[:method].each_with_index do |step, index|
          minutes = step[:minutes]&.positive? ? "#{Presenters::Format.minutes_text(step[:minutes])} min: " : ""
          text(pdf, "#{index + 1}. #{minutes}#{step[:text]}", size: size, style: :bold, leading: 1)
          text(pdf, "Look for: #{step[:look_for]}.", size: size, leading: 1) if step[:look_for]
          pdf.indent(8) { text(pdf, "! #{step[:caution]}", size: size, leading: 1) } if step[:caution]
          pdf.move_down size / 3
        end
      end
    end
  end
end
