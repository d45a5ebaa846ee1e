module Restauro
  module Families
    class Breading
      # What a crumb coat will be: its layers, how much of each so many pieces take, and how it cooks.
      class Prediction
        include Coated

        DREDGED, EGG_THEN_FLOUR, FLOUR_THEN_EGG =
          DataFiles.words("families/breading/words.yml").values_at(:dredged, :egg_then_flour, :flour_then_egg)

        HOLLOWED, FILLED = %w[soften simmer late].freeze, %w[other cheese].freeze
        private_constant :HOLLOWED, :FILLED

        attr_reader :recipe, :options, :layers, :section

        def initialize(recipe, catalogue, options)
          @recipe = recipe
          @options = with_piece(options, catalogue)
          @catalogue = catalogue
          @meal_in_flour = FlourAndMeal.said?(recipe, catalogue)
          @layers =
            (
              if dredged?
                Layers.dredged(dust: dust, wet: wet)
              else
                Layers.of(dust: dust, wet: wet, crumb: crumb, crumb_mm: crumb_mm)
              end
            ).freeze
          @section = cook
          freeze
        end

        # Wet, then turned in flour: no crumbs, and no egg but where its name or its list says that it is fried so.
        def dredged? =
          crumb.nil? && !dust.nil? && !wet.nil? &&
            (recipe.title.to_s.match?(DREDGED) || recipe.ingredients.none? { |line| line.role == "egg" } || egg_first?)

        # Egg ahead of flour that is too much to dust with.
        def egg_first?
          return false if crumb || recipe.title.to_s.match?(DREDGED)

          told = recipe.steps.map(&:text)
          return told.any?(EGG_THEN_FLOUR) if [EGG_THEN_FLOUR, FLOUR_THEN_EGG].any? { |words| told.any?(words) }

          egg, flour = [%w[egg], Lines::DUST].map { |of| recipe.ingredients.index { |line| of.include?(line.role) } }
          egg && flour && egg < flour &&
            dust_g > Layers.figure(:pressed_share) * (food_g || (pieces && pieces.first * piece_g)).to_f
        end

        # Whether meal or crumbs are in its flour.
        def meal_in_flour? = @meal_in_flour
        # Whether it is mixed and shaped before it is coated.
        def cakes? = !mixture_g.nil?
        # @return [Float, nil] m of the whole coat
        def coat_m = layers.empty? && !bound? ? nil : layers.sum(&:mm) / 1000
        # @return [Float] kg/m2 of the whole coat
        def coat_kg_m2 = layers.sum(0.0, &:kg_m2)
        # @return [Float, nil] kg/m2 of the water in it
        def coat_water_kg_m2 = layers.empty? && !bound? ? nil : layers.sum(0.0, &:water_kg_m2)

        # Grams of a layer for all the pieces, what stays in the dish counted in.   @return [Float, nil]
        def needed(layer)
          _, area = pieces
          area && 1000 * layer.kg_m2 * area * (1 + Layers.figure(dredged? ? :dredged_loss_share : :loss_share))
        end

        # (see Coated#pieces)
        def pieces = super || Wrapping.pieces(recipe, wrapping)
        # (see Coated#wrapping)
        def wrapping = Wrapping.piece(recipe, @catalogue)
        # (see Coated#piece_g)
        def piece_g = options.piece ? super : Wrapping.grams(recipe)

        # @return [Float, nil] g that salting draws out of all pieces
        def water_out_g = (food_g || (pieces && pieces.first * piece_g))&.*(Layers.figure(:salted_water_share))

        # @return [Array<Warning>] of its lines, its coat and its heat
        def warnings = recipe.warnings + (layers.empty? && !bound? ? [no_coat] : []) + Batter::Cautions.heat(self)

        private

        def cook
          found = super
          found && options.piece.nil? ? Wrapping.done_at_the_egg(found, wrapping, recipe) : found
        end

        def first(&block) =
          recipe.ingredients.select { |line| line.ingredient && !Bound.in?(line) }
            .map { |line| @catalogue.fetch(line.ingredient) }.find(&block)
        def crumb = (first { |i| i.group == "crumb" } || first { |i| i.group == "meal" } unless meal_in_flour?)
        def dust_g =
          recipe.ingredients.sum(0.0) { |line| Lines::DUST.include?(line.role) ? line.grams&.value.to_f : 0.0 }

        def dust =
          (FlourAndMeal.ingredient(recipe, @catalogue) if meal_in_flour?) ||
            first { |i| %w[flour starch blend].include?(i.group) }

        # As thick as crumbs lie, or as far as those there are go round.   @return [Float] mm
        def crumb_mm
          usual, (_, area) = Layers.figure(:crumb_mm), pieces
          grams =
            crumb &&
            recipe
              .ingredients
              .select { |line| line.ingredient == crumb.key && line.grams && !Bound.in?(line) }
              .sum(0.0) { |line| line.grams.value }
          return usual if area.nil? || grams.nil? || grams.zero?

          [usual, grams / 1000 / (area * (1 + Layers.figure(:loss_share))) / Layers.density(crumb)].min
        end

        # Everything that is wet or binds, stirred together; what is in cakes is none of it.
        def wet
          return if bound? && crumb.nil?

          parts =
            (recipe.ingredients - SqueezedOver.of(recipe))
              .select { |line| line.counted? && %w[egg liquid binder].include?(line.role) }
              .map { |line| [@catalogue.fetch(line.ingredient), line.grams.value] }
          return parts.dig(0, 0) if parts.length < 2

          Blends::Mixed.ingredient(parts, key: "wet", name: parts.map { |ingredient, _| ingredient.say }.join(" and "))
        end

        # Peppers or mushrooms with something in them, counted.   @return [Recipes::Line, nil]
        def filled_line
          return unless recipe.title.to_s.match?(Lines::HOLLOW)

          recipe.ingredients.find { |line| HOLLOWED.include?(line.kind) && Heat::PieceLine.how_many(line)&.positive? }
        end

        def count_told = filled_line ? Heat::PieceLine.how_many(filled_line) : super

        def each_g
          return super unless filled_line

          recipe.ingredients.sum { |line| FILLED.include?(line.role) ? line.grams&.value.to_f : 0.0 } / count_told
        end

        def no_coat
          Warning.new(
            code: :no_coat,
            text: "no coat was read: type lines such as '2 tbsp flour', '1 egg', '80 g breadcrumbs'"
          )
        end
      end
    end
  end
end
