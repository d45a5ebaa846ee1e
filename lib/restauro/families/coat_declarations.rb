module Restauro
  module Families
    # What batters and crumb coats say alike: the heat that the recipe names, else the usual one for a coat, and a piece
    # of the usual size.
    module CoatDeclarations
      include Declared

      # Cakes of what is mixed, a finger thick.
      PATTY = Recipes::Line.new(text: "patty", role: "other").freeze
      BALLS = DataFiles.words("families/breading/words.yml").fetch(:balls)
      ROLL = Recipes::Line.new(text: "croquette", role: "other").freeze
      private_constant :PATTY, :ROLL, :BALLS
      CHOICES = %i[with target piece oven oil tin].freeze

      # (see Declared#choices)
      def choices = CHOICES + ANY

      # (see Declared#told)
      def told(place, shared)
        said = place.said
        return {} if shared[:oven] || shared[:oil]
        return {oven: said.oven, bake_minutes: said.bakes.first.first} if place.baked_before? && said.oven
        # The oven is for what it is layered in: it is fried before.
        return {oil: usual_fat(place.part.recipe)} if place.between? || fried_over?(place)

        oven = place.oven || (baked_crumbs?(place) ? usual_oven : nil)
        {oven: oven, bake_minutes: (said.bake_minutes if place.oven),
         fry_minutes: (place.frying&.sides unless oven),
         oil: (place.oil && !oven ? Heat::Frying.parse(place.oil) : nil)}.compact
      end

      # A piece as thick as its kind usually is; the usual fat where no heat was chosen.
      def usual(place, recipe, chosen)
        piece = chosen[:piece] || Heat::PieceLine.piece(recipe, catalogue) || usual_piece(place, recipe)
        unless piece && coats?(recipe)
          return {oil: (fat_to_fry_in(recipe) unless chosen[:oven] || chosen[:oil])}.compact
        end

        {piece: piece, oil: (chosen[:oven] || chosen[:oil] ? nil : fat_of(recipe, piece))}.compact
      end

      # Whether it goes soft under a sauce.   @param _swap [Swap]
      def crisp?(_swap) = true

      private

      def usual_oven = Kitchen::OvenTemperature.new(celsius: Constants.fetch(:breading, :bake_celsius))

      # "Baked cod with a herb crust": no fat of it is for a pan.
      def baked_crumbs?(place)
        recipe = place.part.recipe
        place.said.baked && recipe.ingredients.none?(&:to_fry_in?) &&
          Dishes::CrustOfCrumbs.of?(place.dish.title, recipe.ingredients)
      end

      # What the list has to fry in, whatever is fried in it.   @return [Heat::Frying, nil]
      def fat_to_fry_in(recipe) =
        (usual_fat(recipe) if coats?(recipe) && recipe.ingredients.any?(&:to_fry_in?))

      # As much oil as swims, and what is round: deep, whatever is usual; balls of mince are turned in a pan.
      def fat_of(recipe, piece)
        round = piece.kind == "ball" && recipe.ingredients.none?(&:inside?)
        deep = Heat::Frying.swims?(recipe.ingredients) || round
        deep ? Heat::Frying.usual(:deep, recipe.ingredients) : usual_fat(recipe)
      end

      def usual_piece(place, recipe)
        return Heat::UsualPiece.of(cake(recipe), catalogue) if recipe.ingredients.any?(&:inside?)

        line = known_piece(place, recipe)
        line &&= with_what_the_title_tells(line, recipe.title.to_s)
        round = recipe.title.to_s.match?(BALLS)
        made = round || place.around_another? || rolls?(place)
        line ||= Recipes::Line.new(text: "croquette#{" ball" if round}", role: "other") if made
        line ||= PATTY if cakes?(place)
        line ||= vegetable(recipe)
        line && Heat::UsualPiece.of(line, catalogue)
      end

      # Crisp onions with oil of their own, over what is baked.
      def fried_over?(place) =
        (place.part.place == :top || place.covers?) && place.part.recipe.ingredients.any?(&:to_fry_in?)

      def cake(recipe) = recipe.title.to_s.match?(Breading::Mixture::SAUSAGES) ? ROLL : PATTY

      # The first that a table knows; a root that is mashed for cakes or croquettes is no slice of it.
      # @return [Recipes::Line, nil]
      def known_piece(place, recipe)
        mashed = rolls?(place) || cakes?(place)
        known = recipe.ingredients.select { |line| Heat::Food.row_of(line) }
        known.reject! { |line| mashed && Dough::Contents.raw?(line.ingredient) }
        %w[other cheese].lazy.filter_map { |role| known.find { |line| line.role == role } }.first
      end

      # Its shape, where the line has none, and that it is filled.
      def with_what_the_title_tells(line, title)
        told = (title[BALLS] && "ball") || title[Heat::PieceLine::KIND]
        shape = title[Heat::UsualPiece::FINGERS] || (told unless line.text.match?(Heat::PieceLine::KIND))
        line.with(text: [line.text, shape, title[Heat::UsualPiece::STUFFED]].compact.join(" "))
      end

      def cakes?(place) = place.dish.title.to_s.match?(Breading::Mixture::CAKES)
      # Croquettes, whatever they are of.
      def rolls?(place) = place.dish.title.to_s.match?(Breading::Lines::CROQUETTES)

      # One that no table knows: as it is with the soft ones.   @return [Recipes::Line, nil]
      def vegetable(recipe)
        there = recipe.ingredients.any? { |line| line.grams && %w[simmer soften].include?(line.kind) }
        Recipes::Line.new(text: "vegetable", role: "other") if there
      end
    end
  end
end
