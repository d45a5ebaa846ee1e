module Restauro
  module Families
    # What every prediction of a coated piece shares: which piece, how many, and its section in the heat.
    #   Needs recipe, options, coat_m, coat_kg_m2, coat_water_kg_m2.
    module Coated
      # How many pieces the food in the recipe makes, and their surface.
      # @return [Array(Integer, Float), nil] count and m2
      def pieces
        piece = options.piece or return
        grams, area = size_of(piece)
        count = count_told || (food_g && [(food_g / grams).round, 1].max)
        count && [count, count * area]
      end

      # Whether crumbs and egg hold what is mixed, and lie around nothing.
      def bound? = recipe.ingredients.any?(&:inside?)

      # What is heated from one side only, around something that is done.   @return [Heat::Piece, nil]
      def wrapping = nil
      # @return [Heat::Piece, nil] what is cooked
      def cooked_piece = options.piece || wrapping

      # @return [Float, nil] g
      def piece_g = options.piece && size_of(options.piece).first

      # What is coated: the line that tells of pieces, else the heaviest thing that is no coat.   @return [Float, nil] g
      def food_g
        Heat::PieceLine.grams(recipe) || mixture_g ||
          recipe.ingredients.select { |line| line.role == "other" && line.grams }.map { |line| line.grams.value }.max
      end

      private

      # Cakes of all that is mixed.   @return [Float, nil] g
      def mixture_g
        mixed = bound? ? %w[other puree cheese] : %w[other puree]
        lines = recipe.ingredients.select { |line| mixed.include?(line.role) && line.grams }
        loose = recipe.title.to_s.match?(Breading::Lines::CAKES) || Breading::Mixture.blitzed?(recipe) ||
          lines.any? { |line| line.role == "puree" || line.inside? || line.text.match?(Breading::Lines::LOOSE) }
        lines.sum { |line| line.grams.value } if loose && lines.any?
      end

      # The cook's piece, else the one that the recipe tells of.
      def with_piece(options, catalogue)
        options.piece ? options : options.with_choices(piece: Heat::PieceLine.piece(recipe, catalogue))
      end

      # As many cakes as the recipe makes of its mixture; else as many as are listed.   @return [Integer, nil]
      def count_told = so_many_cakes || (Heat::PieceLine.count(recipe) unless bound?)
      def each_g = so_many_cakes ? mixture_g / so_many_cakes : (Heat::PieceLine.each_g(recipe) unless bound?)
      def so_many_cakes = (options.makes if mixture_g)
      # Grams and coated area of one: as heavy as the recipe says, else as long and wide as a slice usually is. As
      # thick, a slice's area goes with its weight; a ball's with its power of two thirds.
      def size_of(piece)
        usual_g, usual_m2 = piece.size
        each_g = self.each_g or return usual_g, usual_m2

        [each_g, usual_m2 * (each_g / usual_g)**(piece.shape == :slab ? 1 : 2.0 / 3)]
      end

      def cook
        piece, around = cooked_piece, options.around
        return unless piece && around && coat_m

        Heat::Section.cook(
          piece,
          around,
          coat_m: coat_m,
          coat_water_kg_m2: coat_water_kg_m2,
          coat_dry_kg_m2: coat_kg_m2 - coat_water_kg_m2
        )
      end
    end
  end
end
