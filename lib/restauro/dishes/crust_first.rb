# frozen_string_literal: true

module Restauro
  module Dishes
    # A pie in one list that begins with its crust: flour, fat, and a little water or egg to hold them; what comes after
    # is inside it.
    class CrustFirst
      include LineKinds

      SALTS = %w[fine_salt flake_salt].freeze
      BINDS = %w[water vodka cider_vinegar wine_vinegar lemon_juice egg_whole egg_yolk].freeze
      # Of a dough with yeast, which is wetter, takes milk and may have no fat.
      OF_YEAST = DataFiles.words("dishes/words.yml").fetch(:of_yeast)
      MILKS = %w[whole_milk semi_skimmed_milk soy_milk oat_milk].freeze
      private_constant :MILKS

      # @param catalogue [Catalogue]   @param lines [Array<Recipes::Line>] of one list
      # @param title [String] of the dish
      def initialize(catalogue, lines, title)
        @catalogue = catalogue
        @lines = lines
        @title = title
        @yeast = title.match?(OF_YEAST) && lines.any?(&:yeast?)
        @flour_g = lines.find { |line| line.role == "flour" }&.grams&.value.to_f
        freeze
      end

      # @return [Array(Array, Array), nil] the crust's and the filling's lines; nil where it does not begin so
      def split
        return unless @title.match?(Families::Detection::WORDS.fetch("crust"))

        crust = @lines[0...cut]
        wash, filling = @lines[crust.length..].partition { |line| Families::Crust::Glaze.line?(line) }
        [crust + wash, filling] if filling.any? && (whole?(crust) || (short?(crust) && sets?(filling)))
      end

      private

      # Flour, fat and what is dry, then what binds them, as long as it is no more than a dough can hold.
      def cut
        dry = @lines.take_while { |line| dry?(line) }.length
        bound = @lines[dry..].each_index.take_while { |at| binds?(@lines[dry..(dry + at)]) }.length
        salt = @lines[(dry + bound)..].take_while { |line| behind?(line) }.length
        dry + bound + salt
      end

      # Salt and what lifts; in a dough with yeast its oil and its spoon of sugar too.
      def behind?(line) = lifts?(line) || (@yeast && (line.role == "fat" || spoon_of_sugar?(line)))
      def dry?(line) = lifts?(line) || %w[flour fat].include?(line.role) || spoon_of_sugar?(line)
      def lifts?(line) = SALTS.include?(line.ingredient) || line.role == "lift"
      def spoon_of_sugar?(line) =
        group_of(line) == "sugar" && (line.grams.nil? || line.grams.value < @flour_g / 2)

      def binds?(lines)
        lines.all? { |line| binder?(line) } &&
          grams(lines) { true } <= Constants.fetch(:crust, @yeast ? :yeast_binds_most : :binds_most) * @flour_g
      end

      def whole?(crust)
        crust.one? { |line| line.role == "flour" } && (@yeast || fat?(crust)) && crust.any? { |line| binder?(line) }
      end

      # One, or lard and butter; butter that stands a second time is another's.
      def fat?(crust)
        fats = crust.select { |line| line.role == "fat" }
        fats.any? && fats.uniq { |line| line.ingredient || line.text }.length == fats.length
      end

      # Flour and fat, with a water that nobody writes down.
      def short?(crust) = %w[flour fat].all? { |role| crust.one? { |line| line.role == role } }

      # A custard, more egg beside something than a dough takes, or syrup with crumbs.
      def sets?(filling)
        least = Constants.fetch(:crust, :custard_least_g)
        eggs, milk = %w[egg liquid].map { |role| grams(filling) { |line| line.role == role } }
        syrup = grams(filling) { |line| group_of(line) == "sugar" }
        crumbs = filling.any? { |line| line.role == "crumb" }
        many = eggs > Constants.fetch(:crust, :binds_most) * @flour_g && filling.length > 1
        filling.none? { |line| line.role == "flour" } &&
          ((eggs >= least && milk >= least) || many || (crumbs && syrup >= @flour_g / 2))
      end

      def binder?(line) =
        BINDS.include?(line.ingredient) || (MILKS.include?(line.ingredient) && (@yeast || before_meat?(line)))

      # A little milk instead of water: what comes right behind it is no custard.
      def before_meat?(line)
        following = @lines[@lines.index { |one| one.equal?(line) } + 1]
        BeginsAgain::MEATS.include?(following&.kind)
      end
    end
  end
end
