require_relative "paper"

module Restauro
  module Documents
    # For the fridge door: what takes the place of one level spoon of wheat flour in a sauce, with the spread in plain
    # words; ours where it was learnt.
    class FridgeCard
      KEYS = %w[
        corn_starch
        potato_starch
        tapioca_starch
        arrowroot
        white_rice_flour
        sweet_rice_flour
        sorghum_flour
        buckwheat_flour
        chickpea_flour
        blend_with_gum
        blend_plain
      ].freeze

      FOOT =
        "Starches: stirred cold, in late, to the boil. Flours may be cooked in the fat. Potato and tapioca thin again at the boil. " \
          "Half as thick in the pan as on the plate. * as our own kitchen showed it. Read every label: nothing here is called gluten free.".freeze

      # @param learnt [Learning::Kitchen]   @param book [Catalogue]
      def initialize(learnt, book, paper: "a4")
        @learnt = learnt
        @book = book
        @paper = paper
      end

      # Rows of the card.
      # @return [Array<Array(String, String, String, Boolean)>] name, amount, how sure, whether it was learnt
      def rows
        spoon = @book.fetch("wheat_flour").tbsp_g
        ours = @learnt.catalogue(@book)
        keys = KEYS | @learnt.beliefs.keys.select { |key| @book.find_key(key)&.thickens? }
        keys.map { |key| row(ours.fetch(key), spoon) }
      end

      # @return [String] PDF bytes
      def render
        Paper
          .document("Instead of one spoon of flour", size: @paper) do |pdf|
            pdf.font("Literata") { pdf.text "Instead of one level tablespoon of wheat flour", size: 22 }
            pdf.text "in a sauce, for the same thickness on the plate", size: 12
            pdf.move_down 14
            rows.each { |row| line(pdf, *row) }
            pdf.move_down 10
            pdf.text Paper.plain(pdf, FOOT), size: 9.5
          end
          .render
      end

      private

      def row(ingredient, spoon)
        grams = spoon / ingredient.thick_power
        share = Families::Sauce::Body.power_share(ingredient)
        spoons = Measure.nearest(ingredient, grams, KitchenUnits.of("metric"))
        [
          ingredient.say,
          [spoons&.text, "#{Presenters::Format.grams(grams)} g"].compact.join(", "),
          sure(share),
          @learnt.beliefs.key?(ingredient.key)
        ]
      end

      def sure(share)
        return "well known" if share < 0.1

        share < 0.2 ? "give or take a sixth" : "give or take a quarter: begin with less"
      end

      def line(pdf, name, amount, sure, learnt)
        box(pdf, "#{name}#{"*" if learnt}", 0, 210, size: 13, style: learnt ? :bold : :normal)
        box(pdf, amount, 215, 170, size: 13, style: :bold)
        box(pdf, sure, 390, pdf.bounds.width - 390, size: 9.5)
        pdf.move_down 22
        pdf.stroke_color "bbbbbb"
        pdf.stroke_horizontal_rule
        pdf.stroke_color "000000"
        pdf.move_down 5
      end

      def box(pdf, words, left, width, **more)
        pdf.text_box Paper.plain(pdf, words),
                     at: [left, pdf.cursor],
                     width: width,
                     height: 20,
                     overflow: :shrink_to_fit,
                     **more
      end
    end
  end
end
