module Restauro
  module Families
    class Crust
      # Works a filling's swap out.
      class FillingMaker
        TRIAL_G, SET_ANEW = 10.0, %w[egg flour starch thickener].freeze
        STARCHES = %w[tapioca_starch potato_starch arrowroot corn_starch sweet_rice_flour chickpea_flour almond_flour
                      sunflower_meal].freeze

        def initialize(filling, catalogue, options)
          @filling = filling
          @catalogue = catalogue
          @options = options
          @sauce = Sauce.new(catalogue)
          @recipe = @sauce.read(filling.recipe)
        end

        # @return [FillingSwap]
        def make
          return thickened if (thickener_out? && !set_by_eggs?) || boiled?
          return without_eggs if eggs_out?
          return as_it_is unless runs?

          starchy? ? with_starch(plain_pairs) : as_it_is([FillingWarnings.juicy])
        end

        # Nothing added, nothing set anew.   @return [FillingSwap]
        def as_it_is(warnings = []) = FillingSwap.new(pairs: plain_pairs, warnings: warnings)
        # Nuts and pulses thicken so little that half a bowl of them would go into the fruit.
        def starchy? =
          @options.filling_with.any? || STARCHES.first(5).any? { |key| exclusion.allows?(@catalogue.fetch(key)) }

        private

        def set_by_eggs? = @filling.custard? && Filling.set_by_eggs?(lines, @catalogue)
        # Ground nuts thicken nothing where nothing is poured.
        def thickener_out?
          out = Sauce::SwapDraft.replaced(@recipe, @catalogue, exclusion)
            .map { |line| @catalogue.fetch(line.ingredient) }.reject { |ingredient| exclusion.allows?(ingredient) }
          out = out.reject { |ingredient| ingredient.group == "meal" } if lines.none? { |line| line.role == "liquid" }
          out.any?
        end

        # A cream of starch that is cooked here, and in no part of its own.
        def boiled? =
          @recipe.ingredients.any? { |line| %w[starch thickener].include?(line.role) && line.part == Parts::NAME } &&
            @filling.boiled?

        # It simmers as long as the recipe says, where there is no meat that it says it of.
        def choices
          told = @options.stew_minutes
          simmers = told&.positive? && lines.none? { |line| @sauce.stewed?(line) }
          {without: @options.without, offer: @options.offer, stew_minutes: told,
           **(simmers ? {simmer_s: 60.0 * told} : {})}
        end

        # Eggs that may not be eaten, in a filling that they would have set.
        def eggs_out?
          eggs = lines.select { |line| line.role == "egg" && line.counted? }
          @filling.custard? && eggs.any? { |line| !exclusion.allows?(@catalogue.fetch(line.ingredient)) }
        end

        # Set with starch instead: the eggs go, and so does the spoon of flour beside them.
        def without_eggs
          with_starch(plain_pairs.map { |line, ours| [line, SET_ANEW.include?(line.role) ? [] : ours] },
                      [FillingWarnings.set_with_starch])
        end

        def exclusion = Diets::Exclusion.of(@options.without, @catalogue)

        # No wheat stays, whatever it is there for; the rest by who eats.
        def plain_pairs
          lines.map do |line|
            [line, elsewhere.in_place_of(line) || substitutes.find { |found| found.line.equal?(line) }&.lines || [line]]
          end
        end

        def units = KitchenUnits.of(@recipe.system)
        def elsewhere = WheatElsewhere.new(@catalogue, flour: method(:thickener), exclusion: exclusion, units: units)
        def substitutes = (@substitutes ||= found.select(&:found?))
        def found = Diets::Substitutes.new(@catalogue, exclusion, units: units).of(@recipe, meals: true)

        # Crumbs in the sauce family's own swap too.
        def without_crumbs(pairs) =
          pairs.map { |line, ours| [line, ours.flat_map { |one| elsewhere.in_place_of(one) || [one] }] }

        def lines = @recipe.lines.reject { |line| line.role == "step" }

        # With gluten's thickener: the sauce family's own swap, to what holds in a crust.
        def thickened
          swap = @sauce.swap(@recipe, @sauce.options(school: school, with: with, target: target, **choices))
          pairs = without_crumbs(swap.pairs)
          pairs = FillingSwap.tossed(pairs) if @filling.in_its_juice? || @options.packed_raw?
          FillingSwap.new(pairs: pairs, sauce: swap, e: swap.target, warnings: swap.warnings)
        rescue InvalidInput => e
          as_it_is(lines.any? { |line| line.role == "liquid" } ? [FillingWarnings.by_weight_alone(e)] : [])
        end

        # The cook's own, else no thinner than holds.
        def target
          return @options.hold if @options.hold

          own = @sauce.predict(@recipe, @sauce.options(**choices)).flour_equivalents.value
          @options.style == "crumble" ? own : [own, holds].max
        end

        def holds = Constants.fetch(:crust, @filling.fruit? ? :hold_fruit_e : :hold_sauce_e)
        def school = @filling.fruit? ? "slurry" : nil
        def with = @options.filling_with.any? ? @options.filling_with : (@filling.fruit? ? [starch.key] : [])
        # The cook's own, if it may be eaten.   @raise [InvalidInput]
        def thickener
          own = @options.filling_with.first or return starch
          exclusion.allow!(@catalogue.fetch(own), instead: "another thickener for the filling")
        end

        # Fruit and sugar want a starch that swells early.   @raise [InvalidInput]
        def starch
          found = STARCHES.map { |key| @catalogue.fetch(key) }.find { |ingredient| exclusion.allows?(ingredient) }
          found or raise InvalidInput, "nothing is left to thicken the filling with: leave out less, or boil it down"
        end

        def runs?
          return false if !@filling.fruit? || @options.style == "crumble"
          return false if @recipe.ingredients.any? { |line| line.role == "thickener" }

          found = @filling.sauce(choices)
          found.nil? ? false : found.flour_equivalents.value < holds
        end

        # Flour-equivalents go with the grams: a trial tells how many.
        def with_starch(pairs, warnings = [])
          ingredient = thickener
          rest = @recipe.with(lines: pairs.flat_map(&:last))
          one = e_with(rest, ingredient, TRIAL_G) / TRIAL_G
          grams = ((@options.hold || Constants.fetch(:crust, :hold_fruit_e)) / one).clamp(0.0, @filling.grams / 4)
          line = Recipes::WeighedLine.of(ingredient, grams, role: "thickener", part: Parts::NAME, units: units)
          *head, (last, ours) = pairs
          FillingSwap.new(pairs: [*head, [last, ours + [line]]], added: line, e: e_with(rest, ingredient, grams),
                          warnings: warnings)
        end

        def e_with(recipe, ingredient, grams)
          line = Recipes::WeighedLine.of(ingredient, grams, role: "thickener", part: Parts::NAME)
          @sauce.predict(recipe.with(lines: recipe.lines + [line]), @sauce.options(school: "slurry", **choices))
            .flour_equivalents.value
        end
      end
    end
  end
end
