module Restauro
  module Families
    # Which family a recipe is, by a stated rule: first the words of its title and steps; else crumbs; else flour against liquid, egg, purée and fat.
    #   a ratio over 6, or no water at all yet, is a sauce · 1.15 to 6 a batter · a purée at least half as heavy as the flour: gnocchi
    #   fat over a third of the flour: crust
    #   egg and hardly any fat: pasta. Between 5.2 and 6 only words decide: crêpes and a thin sauce weigh alike.
    class Detection
      WORDS = {"breading" => /\b(?:schnitzel|breaded|breading|crumbed|crumb coat|panko|milanese|egg and crumb|dredge|dredged|dusted)/i,
               "batter" => /\b(?:batter|pancake|crêpe|crepe|fritter|popover|yorkshire|muffin|waffle|tempura|pakora|blini)/i,
               "gnocchi" => /\bgnocchi|\bdumpling/i, "pasta" => /\b(?:pasta|ravioli|tagliatelle|noodle|tortellini|lasagne sheets)\b/i,
               "crust" => /\b(?:crust|pastry|tart|galette|pie|crumble)\b/i,
               "sauce" => /\b(?:sauce|gravy|roux|velouté|bechamel|béchamel|custard|filling|soup|cream)\b/i}.freeze
      SAUCE_OVER = 6.0
      UNSURE_OVER = 5.2
      DOUGH_UNDER = 1.15
      POURED_UNDER = 12.0
      FAT_SHARE = 0.33
      PUREE_SHARE = 0.5

      def initialize(recipe, catalogue)
        @recipe = recipe
        @parts = recipe.ingredients.select(&:counted?).map { |line| [catalogue.fetch(line.ingredient), line.grams.value] }
        freeze
      end

      # @return [Array<String>] the family, or all that it could be
      def candidates
        return %w[breading] if crumbs? && !liquid_over_flour?

        told = told_by_title
        return told if told.length == 1 && possible?(told.first)

        by_weights
      end

      private

      def told_by_title
        title = @recipe.title || @recipe.lines.first.text
        WORDS.select { |_, words| words.match?(title) }.keys.first(1).then { |found| found.empty? ? [] : found }
      end

      # A title cannot make a sauce of a dough: "tart filling" is judged by its weights.
      def possible?(family)
        case family
        when "sauce" then ratio.nil? || ratio > DOUGH_UNDER * 2
        # With its flour or its liquid still to be typed it says what is missing.
        when "batter" then flour.zero? || grams("liquid").zero? || ratio&.between?(DOUGH_UNDER, POURED_UNDER)
        when "breading" then crumbs? || !liquid_over_flour?
        else ratio && ratio < UNSURE_OVER
        end
      end

      def by_weights
        return %w[sauce] if ratio.nil? || ratio.zero? || ratio > SAUCE_OVER || flour.zero?
        return unsure if ratio > UNSURE_OVER
        return %w[batter] if ratio >= DOUGH_UNDER && !pressed?
        return %w[gnocchi] if puree >= PUREE_SHARE * flour
        return %w[crust] if fat > FAT_SHARE * flour
        return %w[pasta] if grams("egg").positive? && fat < 0.1 * flour

        %w[crust gnocchi pasta]
      end

      def unsure
        told = WORDS.slice("sauce", "batter").select { |_, words| words.match?(@recipe.steps.map(&:text).join(" ")) }.keys
        told.length == 1 ? told : %w[sauce batter]
      end

      # A spoonable mix of nuts and fat is a pressed crust, not a batter, unless it is to rise.
      def pressed? = ratio < 1.8 && grams("meal") > 0.5 * flour && grams("leavener").zero?
      def crumbs? = grams("crumb").positive?
      def liquid_over_flour? = grams("liquid") > grams("crumb") + flour
      def grams(group) = @parts.sum(0.0) { |ingredient, g| ingredient.group == group ? g : 0.0 }
      def flour = %w[flour starch blend meal].sum { |group| grams(group) }
      def fat = @parts.sum(0.0) { |ingredient, g| ingredient.group == "fat" ? g : 0.0 }
      def puree = grams("puree")
      def ratio = Hydration::WaterRatio.of(@parts)
    end
  end
end
