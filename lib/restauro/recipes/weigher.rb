module Restauro
  module Recipes
    # Grams, with a band, of an amount of an ingredient. The band comes from the way a spoon or cup is filled.
    class Weigher
      include SpoonFilling

      GROWN = %w[vegetable fruit].freeze

      def initialize(units)
        @units = units
        @shares = Constants.table(:uncertainty).transform_values(&:value)
        freeze
      end

      # @param amount [Amount]
      # @param ingredient [Ingredient]
      # @param line [String] the raw line, for "dipped" or "sifted"
      # @return [Estimate, nil] g; nil when the measure tells no weight
      def grams(amount, ingredient, line: "")
        weights = amount.terms.map { |term| weigh(term, ingredient, line) }
        Estimate.sum(weights) if weights.none?(&:nil?)
      end

      # One piece of it.   @return [Estimate, nil] g
      def piece(ingredient) = ingredient.piece_g && Estimate.within(ingredient.piece_g, @shares[:piece])

      # Grams of something known by name only: a weight, pieces of a known size, or cups of it.
      # @param kind [String] of data/ingredients/kinds.yml   @param text [String] the raw line
      def bystander_grams(amount, piece_g, kind, text)
        term = amount.terms.first
        return scaled(term.number, term.unit.amount) if term.unit&.mass? && term.unit.only.nil?

        told = piece_g && (piece?(term.unit) || tin?(term.unit, kind))
        return so_many(term, piece_g * PieceSize.times(text)) if told

        tinned(term, kind, text) || in_cups(term, kind, text)
      end

      private

      # A stick of celery is one of its pieces, not one of butter.
      def piece?(unit) = unit.nil? || (unit.kind == :count && unit.key != "bunch") || !unit.only.nil?

      # Fish out of a tin is weighed by the tin.
      def tin?(unit, kind) = unit&.kind == :pack && kind == "late"

      # Beans, meat: what is in the tin, drained.
      def tinned(term, kind, text)
        packed(term, kind, text) if term.unit&.kind == :pack
      end

      # @param key [String] of an ingredient, or of the kind of what is known by its name only
      def packed(term, key, text) = so_many(term, row("ingredients/packs.yml", key, text))

      def weigh(term, ingredient, line)
        case term.unit&.kind
        when nil
          pieces(term, ingredient, line)
        when :count
          so_many(term, row("ingredients/sizes.yml", ingredient.key, term.unit.key)) if ingredient.group == "crumb"
        when :mass
          scaled(term.number, term.unit.amount) unless term.unit.only&.none?(ingredient.key)
        when :pack
          pack(term, ingredient, line)
        when :volume
          volume(term, ingredient, line)
        when :loose
          loose(term, ingredient)
        end
      end

      def pieces(term, ingredient, line = "")
        each = row("ingredients/sizes.yml", ingredient.key, line) || grown(ingredient, line)
        each ? so_many(term, each) : in_grams(term)
      end
      # "250 flour": nothing else is counted so high.
      def in_grams(term) =
        term.unit.nil? && term.number.value >= @shares[:bare_grams_least] ? scaled(term.number, 1.0) : nil

      # What grows is larger and smaller; eggs are sorted.
      def grown(ingredient, line) =
        GROWN.include?(ingredient.group) ? ingredient.piece_g&.*(PieceSize.times(line)) : ingredient.piece_g
      def so_many(term, grams) = grams && (term.number * grams).widen(@shares[:piece])

      # @return [Float, nil] g of the first kind of it whose words are on the line
      def row(file, key, line)
        found = DataFiles.yaml(file).fetch(key, []).find { |one| line.match?(DataFiles.pattern(one["words"])) }
        found && Float(found["grams"])
      end

      # "1 can crushed tomatoes", "1 bottle red wine": packs that are much of a size.
      def pack(term, ingredient, line)
        return pieces(term, ingredient) if ingredient.group == "pastry"

        packed(term, ingredient.key, line)
      end

      def scaled(number, grams_each)
        weight = number * grams_each
        weight.value.zero? ? weight : weight.widen([@shares[:scale_grams] / weight.value, @shares[:scale_share]].max)
      end

      def volume(term, ingredient, line)
        density = ingredient.density or return in_cups(term, ingredient.group, line)
        weight = heaped(term, ingredient) * (term.unit.amount * density)
        low, high = filling(term, ingredient)
        fill(weight.widen(low, high), ingredient, line)
      end

      # Cut things in a cup; a spoon of them stays a spoon.
      def in_cups(term, kind, text)
        return unless term.unit&.volume? && !term.unit.spoon

        density = CupDensity.of(text, kind)
        density && (term.number * (term.unit.amount * density)).widen(@shares[:cup_of_pieces])
      end

      def loose(term, ingredient)
        density = ingredient.density or return
        grams = term.unit.amount * @units.millilitres(:tsp) * density
        grams = [grams, @shares[:pinch_grams_most]].min if term.unit.key == "pinch"
        value = term.number * grams
        Estimate.new(value: value.value, low: value.low * @shares[:loose_low], high: value.high * @shares[:loose_high])
      end
    end
  end
end
