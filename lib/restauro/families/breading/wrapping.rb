module Restauro
  module Families
    class Breading
      # What lies around whole eggs: a ball, done when the meat is hot right down to the egg.
      module Wrapping
        module_function

        # @param recipe [Recipes::Recipe]
        # @return [Heat::Piece, nil] nil where no egg is wrapped, or no weight is known
        def piece(recipe, catalogue)
          all = grams(recipe) or return
          Heat::Piece.new(name: "what is around the egg", food: Heat::Food.named("sausage", catalogue), kind: "ball",
                          shape: :sphere, thickness_m: 2 * radius_mm(all) / 1000)
        end

        # One an egg, coated all round.   @param ball [Heat::Piece, nil]
        # @return [Array(Integer, Float), nil] count and m2
        def pieces(recipe, ball)
          count, = parts(recipe)
          ball && [count, count * Math::PI * ball.thickness_m**2]
        end

        # How thick the meat lies.   @param piece [Heat::Piece]   @return [Float] mm
        def shell_mm(piece, recipe) = piece.millimetres / 2 - radius_mm(egg_g(recipe))

        # The ball's section, done where the meat meets the egg, not in the egg's own middle.
        # @param result [Heat::Section::Result]   @param piece [Heat::Piece]   @return [Heat::Section::Result]
        def done_at_the_egg(result, piece, recipe)
          share = radius_mm(egg_g(recipe)) / (piece.millimetres / 2)
          point = result.points.find { |one| inside(one.profile, share) >= piece.food.done_celsius }
          Heat::Section::Result.new(**result.to_h, done: point&.minutes).freeze
        end

        # Between the cells' middles, and the surface.   @param share [Float] of the way out   @return [Float] C
        def inside(profile, share)
          cells = profile.length - 1
          at = share * cells - 0.5
          low = at.floor.clamp(0, cells - 1)
          profile[low] + (at - low) * (profile[low + 1] - profile[low])
        end

        # @return [Float, nil] g of one, its egg and its share of the meat
        def grams(recipe)
          count, around = parts(recipe)
          count && around && egg_g(recipe) + around.grams.value / count
        end

        # @return [Array(Integer, Recipes::Line)] how many eggs, and the heaviest thing that is no coat.
        def parts(recipe)
          eggs = WrappedEggs.in(recipe).sum { |line| line.grams&.value.to_f }
          others = recipe.ingredients.select { |line| line.role == "other" && line.grams && line.kind != "cooked_egg" }
          count = (eggs / egg_g(recipe)).round
          [(count if count.positive?), others.max_by { |line| line.grams.value }]
        end

        # @return [Float] g of one, shelled
        def egg_g(recipe)
          small = WrappedEggs.in(recipe).any? { |line| line.text.match?(WrappedEggs::SMALL) }
          Constants.fetch(:breading, small ? :small_egg_g : :whole_egg_g)
        end

        # @return [Float] mm of a ball
        def radius_mm(grams)
          10 * (3 * grams / Constants.fetch(:breading, :wrapped_density) / (4 * Math::PI))**(1.0 / 3)
        end
      end
    end
  end
end
