require "prawn"

Prawn::Fonts::AFM.hide_m17n_warning = true

module Restauro
  module Documents
    # What every printed page shares: the house's own faces, A4 or Letter, words that its letters can print.
    module Paper
      MM = 72 / 25.4
      SIZES = {"a4" => "A4", "letter" => "LETTER"}.freeze
      FONTS = File.expand_path("fonts", __dir__)
      # Real fractions where the faces have them; signs that they have not, in letters.
      SIGNS = {"−" => "–", "→" => "to", "≥" => "at least ", "≤" => "at most ", "⅓" => "1/3", "⅔" => "2/3", "⅛" => "1/8",
               "\u2009" => " ", "\u202f" => " "}.freeze
      FRACTIONS = {"1/2" => "½", "1/4" => "¼", "3/4" => "¾"}.freeze
      FRACTION = %r{(?<![\d/])(\d+ )?(1/2|1/4|3/4)(?![\d/])}

      module_function

      # @param size [String] a4 or letter   @yield the document
      def document(title, size: "a4", margin: 14 * MM)
        Prawn::Document.new(page_size: SIZES.fetch(size, "A4"), margin: margin, info: {Title: title}) do |pdf|
          pdf.font_families.update("Bricolage" => {normal: file("bricolage-grotesque-regular"), bold: file("bricolage-grotesque-bold")},
                                   "Literata" => {normal: file("literata-bold"), bold: file("literata-bold")})
          pdf.font "Bricolage"
          yield pdf
        end
      end

      def file(name) = "#{FONTS}/#{name}.ttf"

      # As the faces can print it: what they lack goes back to its plain letter, and to a question mark at last.
      def plain(pdf, words)
        text = words.to_s.dup.force_encoding("UTF-8").scrub("?").unicode_normalize(:nfc).gsub(Regexp.union(SIGNS.keys), SIGNS)
                    .gsub(FRACTION) { "#{Regexp.last_match(1).to_s.strip}#{FRACTIONS[Regexp.last_match(2)]}" }
        text.gsub(/[^\p{ASCII}]/) { |sign| pdf.font.glyph_present?(sign) ? sign : plainer(sign) }
      end

      def plainer(sign) = sign.unicode_normalize(:nfd).gsub(/\p{Mn}/, "").then { |base| base.ascii_only? ? base : "?" }
    end
  end
end
