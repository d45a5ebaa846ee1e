module Restauro
  module Families
    class Sauce
      # A wheat sauce and the gluten-free one that reaches the texture asked for.
      #   target Float e · kept whether it is the wheat recipe's own · wheat, ours Prediction · replaced the wheat lines taken out
      #   pairs each wheat line with the lines in its place · thickeners Array of Line that are new
      #   give_or_take share of their grams · alternatives Array of Alternative
      Swap = Struct.new(:target, :kept, :wheat, :ours, :replaced, :pairs, :thickeners, :give_or_take, :alternatives, :warnings, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end

        def grade = Grade.of(target)
        def school = ours.school
        # Grams of a thickener line with the band that the target's and the thickener's own uncertainty give.
        def needed(line) = line.grams.widen(give_or_take)
      end

      # Another way to the same texture.   keys · grams · texts kitchen measures · gain and cost in words
      Alternative = Struct.new(:keys, :names, :grams, :measures, :gain, :cost, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end
      end

      # Works a swap out: wheat side, target, grams, alternatives.
      class Swapper
        def initialize(catalogue)
          @catalogue = catalogue
          @water = catalogue.fetch("water")
          freeze
        end

        # @param recipe [Recipes::Recipe] with sauce roles   @param options [Options]   @return [Swap]   @raise [InvalidInput]
        def swap(recipe, options, wheat:)
          raise InvalidInput, "no thickener was read: type the flour's line with its amount, such as '3 tbsp flour'" if wheat.flour_equivalents.value.zero?

          replaced = SwapDraft.replaced(recipe, @catalogue)
          raise InvalidInput, "nothing to replace: no flour or starch line with an amount was read" if replaced.empty?

          options = options.with_choices(school: options.school || "roux")
          solved(recipe, options, wheat, replaced)
        end

        private

        def solved(recipe, options, wheat, replaced)
          choice = Choice.new(@catalogue, without: options.without)
          split = choice.split(options.with)
          candidates = choice.candidates(split.thickeners.map(&:key))
          trials = candidates.flat_map { |row| row["with"] }.uniq.map { |key| @catalogue.fetch(key) }
          solver = Solver.new(draft(recipe, options, choice), options, water: @water, trials: trials)
          target = options.target || wheat.flour_equivalents.value
          pairs, cooking = solver.solve(split, target)
          ours = Prediction.new(recipe.with(lines: pairs.flat_map(&:last)), cooking, water: @water)
          fresh = pairs.find { |line, _| line.equal?(replaced.first) }.last
          Swap.new(target: target, kept: options.target.nil?, wheat: wheat, ours: ours, replaced: replaced.freeze, pairs: pairs.freeze,
                   thickeners: fresh.select { |line| line.role == "thickener" }.freeze, give_or_take: give_or_take(options, wheat, split),
                   alternatives: alternatives(candidates, trials, ours, target, split.thickeners).freeze,
                   warnings: (ours.warnings + choice.warnings(ours.recipe) + Cautions.short_of_time(cooking)).uniq.freeze)
        end

        def give_or_take(options, wheat, split)
          powers = split.thickeners.map { |i| Body.power_share(i) / split.thickeners.length }
          wheat_share = options.target ? 0.0 : [wheat.flour_equivalents.low_share, wheat.flour_equivalents.high_share].sum / 2
          Math.sqrt(wheat_share**2 + powers.sum { |share| share**2 })
        end

        def draft(recipe, options, choice)
          fat = %w[butter neutral_oil].map { |key| @catalogue.fetch(key) }.find { |i| choice.allowed?(i) }
          SwapDraft.new(recipe, @catalogue, school: options.school, units: KitchenUnits.of(recipe.system), fat: fat || @catalogue.fetch("neutral_oil"))
        end

        # Each candidate's grams by division, from the trials that rode along; the slurry's water hardly moves them.
        def alternatives(candidates, trials, ours, target, chosen)
          replaced = ours.cooking.formula.thickeners.select { |part| chosen.include?(part.ingredient) }
          missing = target - ours.cooking.flour_equivalents_without(replaced)
          units = KitchenUnits.of(ours.recipe.system)
          candidates.filter_map { |row| alternative(row, trials, ours.cooking, missing, units) }
        end

        def alternative(row, trials, cooking, missing, units)
          split = Choice.new(@catalogue).split(row["with"])
          effects = split.thickeners.map { |i| i.thick_power * cooking.trial_share(trials.index(i)) }
          return if effects.any? { |effect| effect < Solver::LEAST_EFFECT }

          grams = Solver.grams(split, effects, missing: missing, liquid_g: cooking.liquid_g)
          Alternative.new(keys: split.thickeners.map(&:key), names: split.thickeners.map(&:say), grams: grams.map { |g| g.round(1) },
                          measures: split.thickeners.zip(grams).map { |i, g| Measure.nearest(i, g, units) }, gain: row["gain"], cost: row["cost"])
        end
      end
    end
  end
end
