# frozen_string_literal: true

module Restauro
  module Dishes
    # Lasagne, moussaka, pastitsio in one list: minced meat or tomatoes make one sauce, butter, flour and milk the
    # other.
    class RagoutAndWhiteSauce
      include LineKinds

      # What is stirred into the white one, behind its milk.
      STIRRED = %w[seasoning egg cheese].freeze
      OVER = DataFiles.words("dishes/words.yml").fetch(:over_it)
      SHEETS = %w[wheat_pasta_sheets gf_pasta_sheets wheat_pasta gf_pasta].freeze

      # @param catalogue [Catalogue]   @param lines [Array<Recipes::Line>] of one list
      def initialize(catalogue, lines)
        @catalogue = catalogue
        @lines = lines
        freeze
      end

      # @return [Array<Array(String, Array)>, nil] names and lines: what is laid, the ragout, the white sauce, cheese
      #   over it; nil where there are no two sauces
      def split
        white = white_sauce or return
        others = @lines - white
        return unless others.any? { |line| red?(line) } && others.none? { |line| flour?(line) }

        slices, others = others.partition { |line| Bake.laid?(line) }
        sheets, others = others.partition { |line| SHEETS.include?(line.ingredient) }
        cheese, ragout = others.partition { |line| line.role == "cheese" }
        named(slices, sheets, ragout, white, cheese)
      end

      private

      def named(slices, sheets, ragout, white, cheese) =
        [["Layers", slices], ["Pasta", sheets], ["Ragout", ragout], ["White sauce", white], [nil, cheese]]
          .reject { |_, lines| lines.empty? }

      def red?(line) = line.ingredient == "tomato_passata" || line.minced?

      # Butter and flour, one after the other, the milk behind them, and what is stirred in.
      def white_sauce
        from = @lines.each_cons(2).find_index { |pair| pair.map(&:role).sort == %w[fat flour] } or return
        rest = @lines[(from + 2)..]
        milk = rest.take_while { |line| milk?(line) || line.role == "seasoning" }
        return if milk.none? { |line| milk?(line) }

        @lines[from, 2] + milk + rest[milk.length..].take_while { |line| stirred?(line) }
      end

      # Mozzarella draws threads: it goes over it.
      def stirred?(line) = (STIRRED.include?(line.role) && !line.text.match?(OVER)) || spice?(line)

      def spice?(line) = line.kind == "herb" || line.text.match?(/\bnutmeg\b/i)
    end
  end
end
