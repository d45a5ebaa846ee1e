# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # The lines of our sauce by what is done with them, each in one place: nothing is left over.
      class Lines
        SOUP, COCOA = DataFiles.words("families/sauce/words.yml").values_at(:soup, :cocoa)
        ONE_POT = DataFiles.words("ingredients/words.yml").fetch(:one_pot)
        attr_reader :companions, :thickeners, :late_thickeners, :slurry

        # @param swap [Swap]
        def initialize(swap, catalogue)
          @catalogue = catalogue
          @ours = swap.ours
          @thickeners = swap.thickeners
          @slurry = @ours.cooking.formula.slurry_line
          @custard = swap.school != "roux" && @ours.boiled_eggs?
          all = @ours.recipe.ingredients
          @late_thickeners = all.select do |line|
            line.role == "thickener" && line.counted? && @thickeners.none? { |fresh| fresh.equal?(line) }
          end
          @companions =
            Companions.new(all.select { |line| companion?(line) }, catalogue, stew_minutes: @ours.options.stew_minutes,
                           soup: titled?(SOUP), grain: titled?(ONE_POT) || titled?(SOUP) ? "grain" : "grain_beside")
          freeze
        end

        # @return [Array<Recipes::Line>]
        # What only greases a dish is none of it, where there is another.
        def fats
          all = of("fat")
          own = all.reject { |line| line.to_fry_in? && line.grams.nil? }
          own.empty? ? all : own
        end
        # @return [Array<Recipes::Line>] what gives juice
        def fruits = @ours.recipe.ingredients.select { |line| group(line) == "fruit" }
        # Sugar, and the cocoa that is whisked in with it.   @return [Array<Recipes::Line>]
        def sugars = @ours.recipe.ingredients.select { |line| group(line) == "sugar" || cocoa?(line) }
        # Poured before the rest and boiled a while: wine, cider, beer, spirits.
        def wines = of("liquid").select { |line| ingredient(line)&.alcohol_pct.to_f.positive? }
        # What goes into the pan first. Tomatoes or sour cream alone are the sauce itself: they cannot wait for the end.
        def liquids
          elsewhere = [slurry, *wines, *with_yolks]
          found = of("liquid").reject { |line| paste?(line) || elsewhere.any? { |other| line.equal?(other) } }
          mild = found.reject { |line| late?(line) }
          mild.any? || wines.any? || fruits.any? ? mild : found
        end
        # What simmers along in the liquid: pastes, dark sauces, yeast flakes, cubes.
        def pastes =
          of("liquid").select { |line| paste?(line) && !line.equal?(slurry) } +
            of("seasoning").select { |line| SIMMERS.include?(line.ingredient) }
        # @return [Array<Recipes::Line>] weighed spice, for the fat
        def spices = of("seasoning").select { |line| line.ingredient == "ground_spice" && !line.grams.nil? }
        # @return [Array<Recipes::Line>]
        def eggs = of("egg")
        # Cream that stands beside the yolks, where something else is the sauce: it is beaten with them.
        # @return [Array<Recipes::Line>]
        def with_yolks
          return [] if @custard || eggs.empty? || eggs.any? { |line| line.ingredient != "egg_yolk" }

          beside = @ours.recipe.ingredients.each_cons(2).select { |pair| (pair & eggs).one? }.flatten
          cream = of("liquid").select { |line| beside.include?(line) && CREAMS.include?(line.ingredient) }
          sum(of("liquid")) > 2 * sum(cream) ? cream : []
        end
        # @return [Array<Recipes::Line>] the yolks and their cream
        def liaison = [*eggs, *with_yolks]
        # @return [Array<Recipes::Line>] what melts in it
        def cheeses = of("cheese") - toast.lines
        # Bread that lies on a soup, its cheese on it.   @return [OnToast]
        def toast = OnToast.new(@ours.recipe, @catalogue)
        # @return [Array<Recipes::Line>]
        def crumbs = of("crumb")
        # Whether nothing else thickens it.
        def of_crumbs? = crumbs.any? && thickeners.empty?
        # Last of all: sharp things, cream that splits, mustard, salt.
        def last
          late = of("liquid").select { |line| late?(line) } - liquids - with_yolks
          [*late, *(of("seasoning") - pastes - spices), *of("lift"), *of("acid"), *of("binder"), *of("puree")]
        end

        # @param role [String]   @return [Array<Recipes::Line>] of ours, but for fruit
        def of(role) = @ours.recipe.ingredients.select { |line| line.role == role && group(line) != "fruit" }
        # @return [String] "30 g butter"
        def say(line) = Companions.say(line, @catalogue)
        # @return [String] "30 g butter and 20 g oil"
        def list(lines) = Companions.list(lines.map { |line| say(line) })

        CREAMS = %w[light_cream heavy_cream creme_fraiche sour_cream].freeze
        SIMMERS = %w[nutritional_yeast yeast_extract stock_cube gravy_granules].freeze

        private

        def titled?(words) = @ours.recipe.title.to_s.match?(words)
        def late?(line) = soured?(line) || (sharp?(line) && !main?(line))
        # So much of it that it is what the sauce is made of: 200 ml of juice on fruit, not a squeeze of lemon.
        def main?(line)
          line.grams && line.grams.value >= Constants.fetch(:sauce, :main_liquid_share) * sum(of("liquid") + fruits)
        end
        def sum(lines) = lines.sum { |line| line.grams&.value.to_f }

        def ingredient(line) = @catalogue.find_key(line.ingredient)
        def group(line) = ingredient(line)&.group
        def sharp?(line) = Finish.sharp?(ingredient(line)) && !paste?(line)
        def paste?(line) = %w[tomato_paste soy_sauce tamari table_sauce hot_sauce].include?(line.ingredient)
        # Sour cream and yogurt split on the boil.
        def soured?(line) =
          ingredient(line).then do |i|
            i&.allergens&.include?("milk") && i.ph && i.ph <= Constants.fetch(:sauce, :soured_ph)
          end
        def cocoa?(line) = line.role == "other" && line.text.match?(COCOA)
        def companion?(line) = line.role == "other" && !%w[fruit sugar].include?(group(line)) && !cocoa?(line)
      end
    end
  end
end
