module Restauro
  module Families
    class Batter
      # What batters say about themselves.
      module Declarations
        include CoatDeclarations

        # @return [String] of the family
        def key = "batter"

        # (see Declared#told)
        def told(place, shared)
          said = place.said
          {
            **heat_told(place, super),
            pan: said.pan || (one_tray(place.dish) unless said.makes),
            makes: said.makes,
            bake_minutes: said.bake_minutes,
            rest_minutes: place.rest_minutes
          }.compact
        end

        # Spoonfuls of a fritter are cooked through where they swim: the whole spoonful is the piece.
        def usual(place, recipe, chosen)
          unless chosen[:piece].nil? && chosen[:oven].nil? &&
              %w[fritter patty].include?(Prediction.new(recipe, catalogue, options).style)
            return super
          end

          swims = chosen[:oil] ? !chosen[:oil].shallow : place.dish.title.to_s.match?(Style::SWIMS)
          return super unless swims

          {
            piece: Heat::Piece.parse("batter cube #{Constants.fetch(:batter, :spoonful_mm).round} mm", catalogue),
            oil: (usual_fat(recipe) unless chosen[:oil])
          }.compact
        end

        # What swims, not what is poured: pancakes and puddings take their sauce.   (see CoatDeclarations#crisp?)
        def crisp?(swap) = %w[coating fritter patty].include?(swap.ours.style)

        private

        # What is poured into a pan has a film of fat there, and swims in none.
        def heat_told(place, told)
          poured = told[:oil]&.shallow && Prediction.new(place.part.recipe, catalogue, options).style == "pancake"
          poured ? told.except(:oil) : told
        end

        # What is baked in one tin, by its name or by its steps.
        def one_tray(dish)
          told = [dish.title, *dish.recipe.steps.map(&:text)].join("; ").tr("-", " ")
          _, tray = DataFiles.yaml("families/batter/trays.yml").find { |words, _| told.match?(/\b#{words}\b/i) }
          tray && Kitchen::BakingPan.parse(tray)
        end

        # What goes all around a piece swims (common practice).
        def usual_fat(recipe) = Heat::Frying.usual(:deep, recipe.ingredients)
        def coats?(recipe) = Prediction.new(recipe, catalogue, options).style == "coating"
      end
    end
  end
end
