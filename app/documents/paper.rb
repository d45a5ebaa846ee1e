require "prawn"
require "rqrcode_core"

Prawn::Fonts::AFM.hide_m17n_warning = true

module Restauro
  module Documents
    # What every printed page shares: the house's own faces, A4 or Letter, words that its letters can print.
    module Paper
      MM = 72 / 25.4
      SIZES = {"a4" => "A4", "letter" => "LETTER"}.freeze
      FONTS = File.expand_path("fonts", __dir__)
      # Real fractions where the faces have them; signs that they have not, in letters.
      SIGNS = {
        "−" => "–",
        "→" => "to",
        "≥" => "at least ",
        "≤" => "at most ",
        "⅓" => "1/3",
        "⅔" => "2/3",
        "⅛" => "1/8",
        "\u2009" => " ",
        "\u202f" => " "
      }.freeze
      FRACTIONS = {"1/2" => "½", "1/4" => "¼", "3/4" => "¾"}.freeze
      FRACTION = %r{(?<![\d/])(\d+ )?(1/2|1/4|3/4)(?![\d/])}

      module_function

      # @param size [String] a4 or letter   @yield the document
      def document(title, size: "a4", margin: 14 * MM)
        Prawn::Document.new(page_size: SIZES.fetch(size, "A4"), margin: margin, info: {Title: title}) do |pdf|
          pdf.font_families.update(
            "Bricolage" => {
              normal: file("bricolage-grotesque-regular"),
              bold: file("bricolage-grotesque-bold")
            },
            "Literata" => {
              normal: file("literata-bold"),
              bold: file("literata-bold")
            }
          )
          pdf.font "Bricolage"
          yield pdf
        end
      end

      def file(name) = "#{FONTS}/#{name}.ttf"

      # Black squares of a code that leads to an address, drawn as squares at the right edge, the address under it.
      def code(pdf, address, side:, top: pdf.bounds.top)
        modules = RQRCodeCore::QRCode.new(address, level: :m).modules
        dot = side / modules.length
        left = pdf.bounds.width - side
        modules.each_with_index do |row, y|
          row.each_with_index { |dark, x| pdf.fill_rectangle([left + x * dot, top - y * dot], dot, dot) if dark }
        end
        pdf.draw_text plain(pdf, address)[0, 60], at: [left - 4, top - side - 9], size: 6
      end

      # As the faces can print it: what they lack goes back to its plain letter, and to a question mark at last.
      def plain(pdf, words)
        text =
          words
            .to_s
            .dup
            .force_encoding("UTF-8")
            .scrub("?")
            .unicode_normalize(:nfc)
            .gsub(Regexp.union(SIGNS.keys), SIGNS)
            .gsub(FRACTION) { "#{Regexp.last_match(1).to_s.strip}#{FRACTIONS[Regexp.last_match(2)]}" }
        text.gsub(/[^\p{ASCII}]/) { |sign| pdf.font.glyph_present?(sign) ? sign : plainer(sign) }
      end

      def plainer(sign) = sign.unicode_normalize(:nfd).gsub(/\p{Mn}/, "").then { |base| base.ascii_only? ? base : "?" }
    end
  end
end
