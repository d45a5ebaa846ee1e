require "prawn"
require "rqrcode_core"

Prawn::Fonts::AFM.hide_m17n_warning = true

module Restauro
  module Documents
    # A swap on one page to hang by the stove: amounts in large type, what to do and look for, cautions, a code that leads back to the page.
    class Card
      MM = 72 / 25.4
      MARGIN = 14 * MM
      SIZES = [11.0, 10.0, 9.0, 8.0, 7.2, 6.4, 5.6].freeze
      CODE = 30 * MM
      CAUTION = "9c1c1c".freeze

      # @param snapshot [Hash] symbol keys   @param address [String] of the page
      def initialize(snapshot, address)
        @snapshot = snapshot
        @address = address
      end

      # @return [String] PDF bytes, of one page
      def render
        size = SIZES.find { |candidate| draw(candidate).page_count == 1 } || SIZES.last
        draw(size).tap { |pdf| (pdf.page_count - 1).times { pdf.delete_page(-1) } if pdf.page_count > 1 }.render
      end

      private

      def draw(size)
        Prawn::Document.new(page_size: "A4", margin: MARGIN, info: {Title: title}) do |pdf|
          pdf.font "Helvetica"
          code(pdf)
          head(pdf)
          amounts(pdf, size)
          steps(pdf, size)
          foot(pdf, size)
        end
      end

      def title = @snapshot[:title] || "Sauce"
      # The built-in letters of a PDF know Western text alone.
      def plain(words)
        words.to_s.gsub("−", "-").encode("Windows-1252", invalid: :replace, undef: :replace, replace: "?").encode("UTF-8")
      end


      def head(pdf)
        pdf.bounding_box([0, pdf.cursor], width: pdf.bounds.width - CODE - 10) do
          pdf.text plain(title), size: 20, style: :bold
          pdf.text "gluten-free swap", size: 11
          pdf.move_down 6
          @snapshot[:thickeners].each { |line| pdf.text plain("#{grams(line[:grams])} #{line[:name]}"), size: 22, style: :bold, leading: 2 }
        end
        pdf.move_cursor_to [pdf.cursor, pdf.bounds.top - CODE - 16].min
      end

      def grams(value) = value ? "#{Presenters::Format.grams(value)} g" : ""

      # Black squares of the code, drawn as squares.
      def code(pdf)
        modules = RQRCodeCore::QRCode.new(@address, level: :m).modules
        side = CODE / modules.length
        left, top = pdf.bounds.width - CODE, pdf.bounds.top
        modules.each_with_index do |row, y|
          row.each_with_index { |dark, x| pdf.fill_rectangle([left + x * side, top - y * side], side, side) if dark }
        end
        pdf.draw_text plain(@address)[0, 60], at: [left - 4, top - CODE - 9], size: 6
      end

      def amounts(pdf, size)
        lines = @snapshot[:rows].flat_map { |row| row[:ours] }.reject { |line| line[:role] == "title" }
        pdf.text "All of it", size: size + 3, style: :bold
        pdf.text plain(lines.map { |line| line[:text].strip }.join("   ·   ")), size: size, leading: 1.5
        pdf.move_down size
      end

      def steps(pdf, size)
        @snapshot[:method].each_with_index do |step, index|
          minutes = step[:minutes]&.positive? ? "#{Presenters::Format.minutes_text(step[:minutes])} min: " : ""
          pdf.text plain("#{index + 1}. #{minutes}#{step[:text]}"), size: size, style: :bold, leading: 1
          pdf.text plain("Look for: #{step[:look_for]}."), size: size, leading: 1 if step[:look_for]
          pdf.fill_color CAUTION
          pdf.text plain("! #{step[:caution]}"), size: size, leading: 1 if step[:caution]
          pdf.fill_color "000000"
          pdf.move_down size / 3
        end
      end

      def foot(pdf, size)
        pdf.fill_color CAUTION
        @snapshot[:warnings].each { |warning| pdf.text plain("! #{warning[:text]}"), size: size }
        pdf.fill_color "000000"
        pdf.move_down 4
        pdf.text "Nothing here is called gluten free: read every label, ask the maker. For an illness follow your clinician.", size: [size, 7].max
      end
    end
  end
end
