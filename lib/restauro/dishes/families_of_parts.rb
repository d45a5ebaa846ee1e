# frozen_string_literal: true

module Restauro
  module Dishes
    # Which family a group of lines is, or that it is none: by its heading, and by what is in it.
    #   Needs @recipe, @catalogue, @given and flour?.
    module FamiliesOfParts
      include FilledIn

      BATTER, COATS, SHELL, BREAD_SAUCE, WRAPPERS, ROASTED_ROOTS, EMULSION =
        DataFiles.words("dishes/words.yml")
          .values_at(:batter_heading, :coats, :crumb_shell, :bread_sauce, :wrappers, :roasted_roots, :emulsion)
      # Fritters, pancakes: by the name of their heading.
      FRIED = DataFiles.words("families/words.yml").fetch(:batter)
      MERINGUE = DataFiles.words("families/crust/words.yml").fetch(:meringue)
      DUSTED = %w[other flour seasoning].freeze
      TURNED = %w[other flour starch thickener puree fat seasoning].freeze
      private_constant :BATTER, :COATS, :SHELL, :BREAD_SAUCE, :WRAPPERS, :ROASTED_ROOTS, :EMULSION, :MERINGUE, :FRIED,
                       :DUSTED, :TURNED

      private

      def family_of(group, recipe)
        given = @given[group.label.to_s.downcase]
        return given == "none" ? nil : given if given
        return "breading" if rolled_in_flour?(group, recipe)
        return if crumbs_in_it?(group) || group.label == Crisped::NAME
        return if Hollowed.host(@recipe, group.lines) && !thickened?(group)
        return "sauce" if emulsion?(group, recipe)
        return crumbs_only(group) unless flour?(group.lines) && thickened?(group)
        return if %i[floured_roots? dry_over_a_dough? dusted? filled_in? bound?].any? { |how| send(how, group) }

        found = Families::Detection.new(recipe, @catalogue).candidates
        return if [%w[sauce], %w[batter]].include?(found) && mixed_filling?(group)

        around_or_over(found, group) || (found.length == 1 ? found.first : settled(found, group))
      end

      # Rolled out around a filling, or strewn over it.
      def around_or_over(found, group)
        return "pasta" if found == %w[gnocchi] && wrapped?(group)

        "crust" if found.include?("sauce") && strewn_over?(group)
      end

      # Flour, fat and sugar under the name of a topping, and nothing wet.
      def strewn_over?(group)
        roles = group.lines.map(&:role)
        group.label.to_s.match?(Grouping::CRUSTY) && roles.include?("fat") &&
          !roles.intersect?(%w[liquid egg puree cheese crumb]) &&
          group.lines.any? { |line| @catalogue.find_key(line.ingredient)&.group == "sugar" }
      end

      # Cakes and balls that flour is only around, in a dish with no other flour.
      def rolled_in_flour?(group, recipe)
        Families::Breading::DustedCakes.of?(recipe) &&
          (@recipe.ingredients - group.lines).none? { |line| Bound.thickens?(line) || flour?([line]) }
      end

      # Minced meat or a stuffing: they hold it together.
      def crumbs_in_it?(group) =
        Bound.by_crumbs?(group.lines, group.label || @recipe.title) || Roast.stuffed?(@recipe, group.lines)

      # Dumplings of flour and water with a filling of their own are rolled out around it.
      def wrapped?(group)
        bound = group.lines.any? do |line|
          line.role == "lift" || Families::Dough::Contents.raw?(line.ingredient) ||
            %w[puree curd].include?(@catalogue.find_key(line.ingredient)&.group)
        end
        !bound && (group.label.to_s.match?(WRAPPERS) ||
          @recipe.ingredients.any? { |line| line.part.to_s.match?(Recipes::Parts::FILLING) })
      end

      # Lentils with a spoon of flour, and nothing poured: they bind in their own water.
      def dry_over_a_dough?(group) =
        group.label == OverDough::NAME &&
          group.lines.sum { |line| line.role == "liquid" ? line.grams&.value.to_f : 0.0 } <
            Constants.fetch(:dishes, :second_liquid_g)

      # "For the fish: 4 fillets, 2 tbsp flour", beside its batter.
      def dusted?(group)
        return false unless group.label && !group.label.match?(BATTER) && group.lines.any?(&:by_the_piece?)

        @recipe.ingredients.any? { |line| line.part.to_s.match?(BATTER) } &&
          group.lines.all? { |line| DUSTED.include?(line.role) }
      end

      # Whisked with something sharp or wet, as far as a sauce can be reckoned.
      def emulsion?(group, recipe) =
        group.label.to_s.match?(EMULSION) && Families::Sauce::Emulsion.of?(recipe) &&
          group.lines.any? { |line| %w[liquid acid].include?(line.role) && line.grams }

      # A spoon of starch in minced meat that fills a dough: it holds its juice, with no more than soy sauce beside it.
      def bound?(group)
        return false unless group.label.to_s.match?(Recipes::Parts::FILLING)

        poured = group.lines.sum { |line| line.role == "liquid" ? line.grams&.value.to_f : 0.0 }
        poured < Constants.fetch(:dishes, :second_liquid_g) && group.lines.any?(&:minced?)
      end

      # Chips and roast potatoes that are turned in a spoon of flour.
      def floured_roots?(group) =
        group.label.to_s.match?(ROASTED_ROOTS) && group.lines.all? { |line| TURNED.include?(line.role) }

      # Eggs under a heading with nothing poured, or less than they weigh, are stirred together and set: no sauce.
      # Under a meringue there is no time for that: it is boiled.
      def mixed_filling?(group)
        grams = ->(role) { group.lines.sum { |line| line.role == role ? line.grams&.value.to_f : 0.0 } }
        boiled = grams["liquid"].positive? && @recipe.title.to_s.match?(MERINGUE)
        return false if group.label.to_s.match?(FRIED)
        return false if boiled || group.lines.any?(&:to_fry_in?)

        group.label && grams["egg"].positive? && grams["liquid"] < grams["egg"]
      end

      # Crumbs alone are scattered over something, or coat something.
      def crumbs_only(group)
        return if group.lines.none? { |line| line.role == "crumb" } || group.label.to_s.match?(Recipes::Parts::FILLING)

        return "sauce" if group.label.to_s.match?(BREAD_SAUCE)

        egg = group.lines.any? { |line| line.role == "egg" }
        return "breading" if egg || group.label.to_s.match?(COATS) || CrustOfCrumbs.of?(@recipe.title, group.lines)

        title = @recipe.title.to_s
        "crust" if group.label.to_s.match?(SHELL) || title.match?(OnCrumbs::BASED) ||
          OnCrumbs.crumb_pie?(title, group.lines)
      end

      def wet?(line) = %w[egg liquid].include?(line.role) || @catalogue.find_key(line.ingredient)&.group == "fruit"
      # Oats mixed with crumbs are crumbs.
      def thickened?(group)
        crumbs = group.lines.any? { |line| line.role == "crumb" }
        lines = group.lines.reject { |line| crumbs && SecondFormula.flakes?(line) }
        lines.any? { |line| line.counted? && of_dough?(@catalogue.fetch(line.ingredient)) }
      end

      def of_dough?(ingredient) = ingredient.starchy? || ingredient.group == "pastry"

      # Told by neither words nor weights: what its heading is made for, else the likelier of the two.
      def settled(found, group)
        return found.first if group.label.nil?
        return "crust" if found.include?("crust") && group.label.match?(Families::Crust::Parts::CRUST)

        found.first
      end
    end
  end
end
