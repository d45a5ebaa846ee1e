module Restauro
  module Families
    # Which family a recipe is, by a stated rule: first the words of its title and steps; else crumbs; else flour
    # against liquid, egg, purée and fat.
    #   a ratio over 6, or no water at all yet, is a sauce · a root, purée or curd at least half as heavy as the flour,
    #   hardly any liquid and
    #   nothing that lifts: gnocchi · 1.15 to 6 a batter · fat over a third of the flour: crust · hardly any fat: pasta.
    #   Between 5.2 and 6 only words and eggs decide: crêpes and a thin sauce weigh alike. What a filling holds is not
    #   counted.
    class Detection
      WORDS = DataFiles.words("families/words.yml").transform_keys(&:to_s).freeze

      include DetectionBeside

      def initialize(recipe, catalogue)
        @recipe = recipe
        @parts = Detection.counted(recipe, catalogue)
        @all = Detection.weighed(recipe.ingredients, catalogue)
        freeze
      end

      # The dough's own lines where a filling stands apart from it, else all of them.
      def self.counted(recipe, catalogue)
        apart = weighed(recipe.ingredients - Recipes::Parts.filling(recipe) - served(recipe), catalogue)
        apart.any? { |ingredient, _| ingredient.starchy? } ? apart : weighed(recipe.ingredients, catalogue)
      end

      # What stands under "To serve".   @return [Array<Recipes::Line>]
      def self.served(recipe) =
        recipe.ingredients.select { |line| line.part.to_s.match?(Recipes::Served::WORDS) }

      # @return [Array<Array(Ingredient, Float)>] g of each counted line, a raw root as its purée
      def self.weighed(lines, catalogue) =
        lines.select(&:counted?).reject { |line| line.to_fry_in? || line.inside? }
          .map { |line| Dough::Contents.cooked(line, catalogue) }

      # @return [Array<String>] the family, or all that it could be
      def candidates
        return %w[crust] if sheet? || crumb_base? || (crumbs_in_fat? && told_by_title == %w[crust] && !crusted?)
        return %w[breading] if crumbs? && !liquid_over_flour? && !crumbs_inside? && !nuts_in_pastry?

        return %w[breading] if Breading::DustedCakes.of?(@recipe)
        return %w[batter] if fruit_in_batter? || cakes?
        return %w[breading] if ((soaked? || bathed?) && dredged_by_steps?) || floured_again?

        told = told_by_title
        return told if told.length == 1 && possible?(told.first)

        by_weights
      end

      private

      def figure(name) = Constants.fetch(:detection, name)

      # "For the dumplings" says more of them than "Beef stew", which they go on.
      def told_by_title
        heading = @recipe.lines.first.text
        told = [heading[Recipes::Headings::FOR], @recipe.title || heading].compact.map { |name| told_by(name) }
        told.find(&:any?) || []
      end

      # "Toad-in-the-hole" is one with and without its dashes.
      def told_by(name) = WORDS.select { |_, words| [name, name.tr("-", " ")].any?(words) }.keys.first(1)

      # A title cannot make a sauce of a dough: "tart filling" is judged by its weights.
      def possible?(family)
        case family
        when "sauce"
          !floured? && (ratio.nil? || unwetted_spoon? || roux? || ratio > figure(:dough_under) * 2)
          # With its flour or its liquid still to be typed it says what is missing.
        when "batter"
          flour.zero? || grams("liquid").zero? || poured&.between?(figure(:told_over), figure(:poured_under))
        when "breading"
          crumbs? || !liquid_over_flour? || soaked? || dredged_by_name?
        else
          ratio && ratio < figure(:unsure_over) && !dusted_stew?
        end
      end

      def by_weights
        return %w[breading] if dredged? || (soaked? && pieces_g > flour && (fried? || pressed_into_flour?))
        return %w[batter] if fried_wet?
        return %w[sauce] if ratio.nil? || ratio.zero? || ratio > figure(:sauce_over) || flour.zero?
        return unsure if ratio > figure(:unsure_over)
        return %w[gnocchi] if gnocchi?
        return %w[batter] if ratio >= figure(:dough_under) && !pressed?
        return %w[crust] if pressed? || fat > figure(:fat_share) * flour

        fat < figure(:lean_share) * flour ? %w[pasta] : %w[crust pasta]
      end

      def unsure
        told =
          WORDS.slice("sauce", "batter").select { |_, words| words.match?(@recipe.steps.map(&:text).join(" ")) }.keys
        return told if told.length == 1

        return %w[sauce] if raw_meat?

        grams("egg") > figure(:egg_share) * flour ? %w[batter] : %w[sauce batter]
      end

      # A spoon of flour on raw meat: what lies under a crust is none.
      def dusted_stew? = raw_meat? && flour <= figure(:dredge_g)

      # Browned before anything is poured: it is no crêpe.
      def raw_meat?
        kinds = DataFiles.yaml("ingredients/kinds.yml")
        @recipe.ingredients.any? { |line| kinds.dig(line.kind, "stage") == "brown" }
      end

      # A spoonable mix of nuts and fat is a pressed crust, not a batter, unless it is to rise.
      def pressed? =
        ratio < figure(:pressed_under) && grams("meal") > figure(:pressed_meal) * flour && grams("leavener").zero?
      # A bought sheet is a crust whatever else there is; crumbs in fat, with no egg to stick them to anything, are a
      # base.
      def sheet? = @all.any? { |ingredient, _| ingredient.group == "pastry" }
      def crumb_base? = crumbs_in_fat? && grams("egg").zero? && !liquid_over_flour? && pieces_g < grams("crumb")
      def crumbs_in_fat? = crumbs? && flour < grams("crumb") && fat > figure(:crumb_fat) * grams("crumb")
      # "Cod with a herb crust": the crumbs are a coat.
      def crusted? = pieces_g > grams("crumb")
      def crumbs? = grams("crumb").positive?
      # Beside more flour, where the title names a dough or a tart: crumbs that dry its filling.
      def crumbs_inside?
        if told_by_title == %w[crust]
          bare = pieces_g.zero? && flour > 2 * grams("crumb")
          return flour > grams("crumb") && (grams("egg").zero? || fat > figure(:fat_share) * flour || bare)
        end

        flour > 2 * grams("crumb") && %w[pasta gnocchi].intersect?(told_by_title)
      end

      def liquid_over_flour? = grams("liquid") > grams("crumb") + flour
      def grams(group) = @parts.sum(0.0) { |ingredient, g| ingredient.group == group ? g : 0.0 }
      def flour = %w[flour starch blend meal].sum { |group| grams(group) }
      def fat = @parts.sum(0.0) { |ingredient, g| ingredient.group == "fat" ? g : 0.0 }
      # Roots raw or mashed; curd too, unless nuts make it a pressed crust.
      def mass =
        @parts.sum(0.0) { |ingredient, g| Dough::Contents.mash(ingredient.key) || ingredient.group == "curd" ? g : 0.0 }
      def gnocchi?
        mass >= figure(:mass_share) * flour && grams("liquid") < figure(:little_liquid) * flour &&
          grams("leavener").zero? && !pressed?
      end
      def ratio = Hydration::WaterRatio.of(@parts)
      # Fruit lies in a batter and gives its water to nobody before it is set.
      def poured = Hydration::WaterRatio.of(@parts.reject { |ingredient, _| ingredient.group == "fruit" })
    end
  end
end
