module Restauro
  module Families
    class Breading
      # What crumb coats say about themselves. Their coat keeps the wheat's thickness: they have no target and no tin.
      module Declarations
        include CoatDeclarations

        # @return [String] of the family
        def key = "breading"
        # (see Declared#choices)
        def choices = super - %i[target tin]
        # (see Declared#metric)
        def metric = :coat
        def takes?(ingredient) = ingredient.starchy? || %w[crumb meal].include?(ingredient.group)
        def texture?(_value) = false
        # (see Declared#textures)
        def textures = {"" => "as it should", **Troubles.of(key).to_h { |trouble| [trouble.key, trouble.sees] }}

        # (see Declared#told)
        def told(place, shared) = {**super, makes: place.said.makes}.compact

        # Eggs in their wrapping swim, where no other heat is chosen.
        def usual(place, recipe, chosen)
          found = super
          return found if found.any? || chosen[:oven] || chosen[:oil] || WrappedEggs.in(recipe).empty?

          {oil: Heat::Frying.usual(:wrapped, recipe.ingredients)}
        end

        private

        # What is wrapped around an egg is no flat piece: its minutes are the middle's, by a thermometer.
        def usual_piece(place, recipe)
          return if WrappedEggs.in(recipe).any?

          DustedCakes.ball(recipe, place.said.makes, catalogue) || super
        end

        # Crumbs lie in shallow fat (common practice).
        def usual_fat(recipe) = Heat::Frying.usual(:shallow, recipe.ingredients)
        def coats?(_recipe) = true
      end
    end
  end
end
