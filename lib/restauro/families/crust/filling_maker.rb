module Restauro
  module Families
    class Crust
      # Works a filling's swap out.
      class FillingMaker
        TRIAL_G = 10.0

        def initialize(filling, catalogue, options)
          @filling = filling
          @catalogue = catalogue
          @options = options
          @sauce = Sauce.new(catalogue)
          @recipe = @sauce.read(filling.recipe)
        end

        # @return [FillingSwap]
        def make
          return thickened if Sauce::SwapDraft.replaced(@recipe, @catalogue).any?
          return without_eggs if eggs_out?

          runs? ? with_starch(plain_pairs) : as_it_is
        end

        private

        def choices = {without: @options.without, offer: @options.offer}
        def as_it_is(warnings = []) = FillingSwap.new(pairs: plain_pairs, warnings: warnings)

        # Eggs that may not be eaten, in a filling that they would have set.
        def eggs_out?
          @filling.custard? && lines.any? { |line| line.role == "egg" && line.counted? && !exclusion.allows?(@catalogue.fetch(line.ingredient)) }
        end

        # Set with starch instead: the eggs go, and nothing of theirs stays.
        def without_eggs
          with_starch(plain_pairs.map { |line, ours| [line, line.role == "egg" ? [] : ours] },
                      [Warning.new(code: :set_with_starch, text: "without its eggs this filling is set with starch: boil it, fill it hot, " \
                                                                 "cut it cold")])
        end

        def exclusion = Diets::Exclusion.of(@options.without, @catalogue)

        # By who eats, as any line is.
        def plain_pairs
          found = Diets::Substitutes.new(@catalogue, exclusion, units: KitchenUnits.of(@recipe.system)).of(@recipe).select(&:found?)
          lines.map { |line| [line, found.find { |each| each.line.equal?(line) }&.lines || [line]] }
        end

        def lines = @recipe.lines.reject { |line| line.role == "step" }

        # With gluten's thickener: the sauce family's own swap, to what holds in a crust.
        def thickened
          swap = @sauce.swap(@recipe, @sauce.options(school: school, with: with, target: target, **choices))
          FillingSwap.new(pairs: swap.pairs, sauce: swap, e: swap.target, warnings: swap.warnings)
        rescue InvalidInput => e
          as_it_is([Warning.new(code: :filling_not_swapped, text: "the filling: #{e.message}")])
        end

        # The cook's own, else no thinner than holds.
        def target
          return @options.hold if @options.hold

          own = @sauce.predict(@recipe, @sauce.options(**choices)).flour_equivalents.value
          [own, holds].max
        end

        def holds = Constants.fetch(:crust, @filling.fruit? ? :hold_fruit_e : :hold_sauce_e)
        def school = @filling.fruit? ? "slurry" : nil
        def with = @options.filling_with.any? ? @options.filling_with : (@filling.fruit? ? [starch.key] : [])
        # Fruit and sugar want a starch that swells early.
        def starch
          %w[tapioca_starch potato_starch arrowroot corn_starch sweet_rice_flour].map { |key| @catalogue.fetch(key) }
                                                                             .find { |i| exclusion.allows?(i) } || @catalogue.fetch("chickpea_flour")
        end

        def runs?
          return false unless @filling.fruit? && !@filling.custard?

          found = @filling.sauce(choices)
          found.nil? ? false : found.flour_equivalents.value < holds
        end

        # Flour-equivalents go with the grams: a trial tells how many.
        def with_starch(pairs, warnings = [])
          ingredient = (@options.filling_with.map { |key| @catalogue.fetch(key) } + [starch]).first
          rest = @recipe.with(lines: pairs.flat_map(&:last))
          one = e_with(rest, ingredient, TRIAL_G) / TRIAL_G
          grams = ((@options.hold || Constants.fetch(:crust, :hold_fruit_e)) / one).clamp(0.0, @filling.grams / 4)
          line = Recipes::WeighedLine.of(ingredient, grams, role: "thickener", part: Parts::NAME, units: KitchenUnits.of(@recipe.system))
          *head, (last, ours) = pairs
          FillingSwap.new(pairs: [*head, [last, ours + [line]]], added: line, e: e_with(rest, ingredient, grams), warnings: warnings)
        end

        def e_with(recipe, ingredient, grams)
          line = Recipes::WeighedLine.of(ingredient, grams, role: "thickener", part: Parts::NAME)
          @sauce.predict(recipe.with(lines: recipe.lines + [line]), @sauce.options(school: "slurry", **choices)).flour_equivalents.value
        end
      end
    end
  end
end
