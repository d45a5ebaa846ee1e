module Restauro
  module Families
    # What stands beside the flour and tells a family by that: pieces that are only floured, fruit in a batter.
    #   Needs @recipe, grams, flour, ratio, poured, figure and told_by_title.
    module DetectionBeside
      include DetectionPieces

      FRIED = DataFiles.words("dishes/words.yml").fetch(:fried)
      DREDGED, DREDGES, EGG_THEN_FLOUR, FLOUR_THEN_EGG =
        DataFiles.words("families/breading/words.yml").values_at(:dredged, :dredges, :egg_then_flour, :flour_then_egg)
      BATTER = DataFiles.words("dishes/words.yml").fetch(:batter_heading)
      NUTS = "ground_nuts".freeze
      LAYERED = DataFiles.words("dishes/words.yml").fetch(:layered)
      SOAKS = Breading::Bath::SOUR
      SOY = %w[soy_sauce tamari].freeze
      MARINADES = %w[soy_sauce tamari dry_wine lemon_juice cider_vinegar wine_vinegar hot_sauce table_sauce].freeze
      WATERY = %w[water soda_water beer gf_beer].freeze
      ROUX = DataFiles.words("families/sauce/words.yml").fetch(:roux_by_name)
      private_constant :WATERY, :SOAKS, :SOY, :MARINADES, :NUTS, :LAYERED, :FRIED, :DREDGED, :DREDGES, :EGG_THEN_FLOUR,
                       :FLOUR_THEN_EGG, :BATTER

      private

      # Poured over fruit, or fruit dropped into it: wet enough by itself, whatever the fruit gives.
      def fruit_in_batter?
        return false unless grams("fruit") > flour && flour.positive? && %w[crust batter].include?(told_by_title.first)

        grams("liquid") >= flour && poured.between?(figure(:dough_under), figure(:poured_under))
      end

      # Ground nuts with the flour and the fat of a pastry, and nothing for them to coat.
      def nuts_in_pastry?
        crumbs = @parts.select { |ingredient, _| ingredient.group == "crumb" }
        crumbs.any? && crumbs.all? { |ingredient, _| ingredient.key == NUTS } &&
          fat > figure(:fat_share) * flour && flour.positive? && pieces_g.zero?
      end

      # What is soaked in something sour and then dredged is in no batter: nothing lifts or binds it.
      def soaked?
        wet = @parts.select { |ingredient, _| ingredient.group == "liquid" }
        return false unless wet.any? && grams("leavener").zero?

        (grams("egg").zero? && wet.all? { |ingredient, _| SOAKS.include?(ingredient.key) }) || marinated?(wet)
      end

      # Most of what is poured is sour, and no step speaks of a batter: an egg is beaten into it, powder in the dredge.
      def bathed?
        wet = @parts.select { |ingredient, _| ingredient.group == "liquid" }
        sour = wet.sum { |ingredient, g| SOAKS.include?(ingredient.key) ? g : 0.0 }
        sour.positive? && sour >= figure(:bath_share) * wet.sum(&:last) && !said?(BATTER)
      end

      # Too little of what is salt and sharp, with an egg or none, to make a batter of the flour, and none of it water.
      def marinated?(wet)
        fried? && wet.all? { |ingredient, _| MARINADES.include?(ingredient.key) } &&
          (ratio < figure(:dough_under) || salt?(wet))
      end

      # Half of it or more soy sauce: as a batter nobody could eat it.
      def salt?(wet)
        soy = wet.sum { |ingredient, g| SOY.include?(ingredient.key) ? g : 0.0 }
        soy >= wet.sum(&:last) / 2
      end

      # Wet enough to cling, around pieces that are fried: nobody rolls that out.
      def fried_wet? = fried? && pieces_g > flour && grams("liquid").positive? && ratio < figure(:dough_under)

      # Flour and nothing wet beside what is fried in it; with egg, as far as that makes no batter.
      def dredged?
        return true if fried_dry?
        return false if flour.zero? || grams("liquid").positive? || (told_by_title == %w[sauce] && !to_dredge?)
        return true if grams("egg").positive? && Batter::Dipped.sandwich?(@recipe)
        return false unless pieces_g > flour || unweighed_piece?
        # Fish minced with egg and a spoon of flour is a cake of all of it.
        return false if cakes? && grams("egg").positive?

        return fried? || dusted? || to_dredge? unless grams("egg").positive?

        ratio.to_f < figure(:dough_under) || (fried? && to_dredge?) || starched? || laid?
      end

      # Pieces, flour and a pan of oil, and nothing wet: they are floured, whatever sauce the dish is named for.
      def fried_dry? =
        flour.positive? && (pieces_g > flour || unknown_piece?) &&
          %w[liquid egg leavener].all? { |group| grams(group).zero? } && @recipe.ingredients.any?(&:to_fry_in?)

      # Only turned in flour, with nothing poured.
      def floured? = fried_dry? || (to_dredge? && grams("liquid").zero?)

      # Slices that are floured, dipped in egg and fried before they are laid in their dish.
      def laid? = @recipe.title.to_s.match?(LAYERED) && @recipe.ingredients.any?(&:to_fry_in?)

      # Mashed or minced and bound with a spoon of flour, without crumbs around them.
      def cakes? =
        @recipe.title.to_s.match?(Breading::Lines::CAKES) && flour.positive? && !crumbs? && !liquid_over_flour?

      # A spoon or two of it, and nothing poured that it could thicken.
      def dusted? = flour <= figure(:dredge_g) && pieces_g > figure(:dusted_pieces) * flour

      # Enough of it to press pieces into, and not so much poured that it is a sauce.
      def pressed_into_flour? = flour >= figure(:dredge_g) && ratio <= figure(:sauce_over)

      # Wet, then thick in flour, whatever it is wet with: chicken-fried.
      def dredged_by_name? =
        @recipe.title.to_s.match?(DREDGED) && (pieces_g.positive? || unweighed_piece?) && !watery?

      # Nothing lies in water to be floured: with as much of it as that, the flour is a batter.
      def watery?
        wet = @parts.select { |ingredient, _| ingredient.group == "liquid" }
        wet.any? && wet.all? { |ingredient, _| WATERY.include?(ingredient.key) } && liquid_over_flour?
      end

      # "Soak the rings in buttermilk. Dredge in flour."
      def dredged_by_steps? = (pieces_g.positive? || unweighed_piece?) && said?(DREDGES)
      def said?(words) = @recipe.steps.any? { |line| line.text.match?(words) }

      # "Dip in egg, then in flour", or the other way, whatever the egg is beaten with: no batter is made of it.
      def floured_again?
        return false unless grams("egg").positive? && grams("leavener").zero?

        (said?(FLOUR_THEN_EGG) && anything?) || (said?(EGG_THEN_FLOUR) && (pieces_g.positive? || unweighed_piece?))
      end

      # A spoon of flour and nothing poured that is known: what it is poured in is still to be typed.
      def unwetted_spoon? = grams("liquid").zero? && flour <= Constants.fetch(:dishes, :second_liquid_g)

      # Fat and flour for the freezer: what it is stirred into is still to be typed.
      def roux? = @recipe.title.to_s.match?(ROUX) && grams("liquid").zero? && grams("egg").zero?

      def fried? = @recipe.lines.any? { |line| line.text.match?(FRIED) }

      # Egg and starch around pieces that are much more: they cling, they are no batter.
      def starched? =
        grams("starch") > grams("flour") && grams("leavener").zero? && pieces_g > figure(:starched_pieces) * flour

      # Flour that is only there to turn pieces in.
      def to_dredge? =
        @recipe.ingredients.any? do |line|
          line.role == "flour" && (line.amount_text.nil? || line.text.match?(Recipes::ToDredge::WORDS))
        end
    end
  end
end
