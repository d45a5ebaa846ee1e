# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # Works a swap out: wheat side, target, grams, alternatives.
      class Swapper
        def initialize(catalogue)
          @catalogue = catalogue
          @water = catalogue.fetch("water")
          freeze
        end

        # @param recipe [Recipes::Recipe] with sauce roles   @param options [Options]   @return [Swap]
        # @raise [InvalidInput]
        def swap(recipe, options, wheat:)
          replaced = SwapDraft.replaced(recipe, @catalogue, Diets::Exclusion.of(options.without, @catalogue))
          too_little unless wheat.known?
          no_thickener if options.target.nil? && (wheat.flour_equivalents.value.zero? || replaced.empty?)

          options =
            options.with_choices(school: options.school || wheat.school, colour: options.colour ||
                                 wheat.cooking.formula.colour,
                                         heat: wheat.options.heat, pan_cm: wheat.options.pan_cm)
          solved(recipe, options, wheat, replaced)
        end

        # A sauce that holds no gluten, as it is: its own thickeners, nothing weighed anew.   @return [Swap]
        def keep(recipe, options, wheat:)
          draft = draft(recipe, options.with_choices(school: wheat.school), [])
          pairs = draft.kept_pairs
          ours = wheat_as(draft.recipe(pairs), wheat)
          thickeners = ours.recipe.ingredients.select { |line| line.role == "thickener" && line.counted? }
          Swap.new(target: wheat.flour_equivalents.value, kept: true, wheat: wheat, ours: ours, replaced: [].freeze,
                   pairs: pairs.freeze,
                   thickeners: thickeners.freeze, give_or_take: 0.0, alternatives: [].freeze,
                   substitutions: draft.substitutions, warnings: warnings(ours, choice(options)))
        end

        private

        def too_little
          raise InvalidInput, "too little liquid to tell how thick it is; type at least " \
                              "#{Constants.fetch(:sauce, :least_liquid).round} g of it"
        end

        def no_thickener
          raise InvalidInput,
                "no thickener to replace was read: type the flour's line with its amount, such as '3 tbsp flour', or say how thick it is to be"
        end

        def wheat_as(recipe, wheat)
          formula = Formula.from(recipe, @catalogue, school: wheat.school, colour: wheat.cooking.formula.colour)
          Prediction.new(recipe, Cooking.new(formula, wheat.options, water: @water), water: @water)
        end

        def choice(options) =
          Choice.new(@catalogue, Diets::Exclusion.of(options.without, @catalogue), offer: options.offer)

        def solved(recipe, options, wheat, replaced)
          return reduced(recipe, options, wheat, replaced) if options.school == "reduction"

          choice = choice(options)
          brown = Roux.first?(options.colour || Roux.colour_in(recipe))
          split = choice.split(options.with, school: options.school, own: own(recipe), brown: brown)
          candidates = choice.candidates(split.thickeners.map(&:key), offer: options.offer)
          trials = candidates.flat_map { |row| row["with"] }.uniq.map { |key| @catalogue.fetch(key) }
          draft = draft(recipe, options, replaced)
          target = options.target || wheat.flour_equivalents.value
          pairs, cooking = Solver.new(draft, options, water: @water, trials: trials)
            .solve(split, options.target || past_the_scale(wheat))
          ours = Prediction.new(draft.recipe(pairs), cooking, water: @water)
          missing = target - cooking.flour_equivalents_without(draft.fresh(cooking.formula))
          Swap.new(target: target, kept: options.target.nil?, wheat: wheat, ours: ours, replaced: replaced.freeze,
                   pairs: pairs.freeze,
                   thickeners: new_thickeners(pairs).freeze, give_or_take: give_or_take(options, wheat, split),
                   alternatives: alternatives(candidates, trials, ours, missing).freeze,
                   substitutions: draft.substitutions, warnings: warnings(ours, choice))
        end

        # A paste thicker than the scale's end gets as much as wheat's has, not the least that reaches the end.
        def past_the_scale(wheat)
          capped = wheat.flour_equivalents.value
          capped < Constants.fetch(:sauce, :e_cap) ? capped : [wheat.cooking.flour_equivalents_without([]), capped].max
        end

        def own(recipe) =
          recipe.ingredients.select { |line| line.role == "thickener" && line.ingredient }.map(&:ingredient)

        # Boiled down instead: nothing new goes in.
        def reduced(recipe, options, wheat, replaced)
          draft = draft(recipe, options, replaced)
          target = options.target || wheat.flour_equivalents.value
          pairs, ours = Reduction.new(draft, options, water: @water).solve(target)
          Swap.new(target: target, kept: options.target.nil?, wheat: wheat, ours: ours, replaced: replaced.freeze,
                   pairs: pairs.freeze,
                   thickeners: [].freeze, give_or_take: 0.0, alternatives: [].freeze,
                   substitutions: draft.substitutions,
                   warnings: (ours.warnings.reject { |w| w.code == "no_thickener" } +
                              choice(options).warnings(ours.recipe)).uniq.freeze)
        end

        def new_thickeners(pairs) = pairs.flat_map(&:last).select { |line| line.added && line.role == "thickener" }

        def warnings(ours, choice)
          (ours.warnings + choice.warnings(ours.recipe) + Cautions.short_of_time(ours.cooking) +
           Cautions.pale(ours.cooking)).uniq.freeze
        end

        def give_or_take(options, wheat, split)
          powers = split.thickeners.map { |i| Body.power_share(i) / split.thickeners.length }
          wheat_share =
            options.target ? 0.0 : [wheat.flour_equivalents.low_share, wheat.flour_equivalents.high_share].sum / 2
          Math.sqrt(wheat_share**2 + powers.sum { |share| share**2 })
        end

        def draft(recipe, options, replaced)
          exclusion = Diets::Exclusion.of(options.without, @catalogue)
          fat = %w[butter neutral_oil].map { |key| @catalogue.fetch(key) }.find { |i| exclusion.allows?(i) }
          substitutions = Diets::Substitutes.new(@catalogue, exclusion, units: KitchenUnits.of(recipe.system))
            .of(recipe) + Unmeasured.of(recipe, choice(options).rescuer, @catalogue)
          SwapDraft.new(recipe, @catalogue, school: options.school, units: KitchenUnits.of(recipe.system),
                                            fat: fat || @catalogue.fetch("neutral_oil"), replaced: replaced,
                                            substitutions: substitutions)
        end

        # Each candidate's grams by division, from the trials that rode along; the slurry's water hardly moves them.
        def alternatives(candidates, trials, ours, missing)
          units = KitchenUnits.of(ours.recipe.system)
          candidates.filter_map { |row| alternative(row, trials, ours.cooking, missing, units) }
        end

        def browned(ingredient, cooking) = Roux.browns?(ingredient) ? Roux.power(cooking.formula.colour) : 1.0

        def alternative(row, trials, cooking, missing, units)
          split = Choice.new(@catalogue).split(row["with"])
          effects =
            split.thickeners.map { |i| i.thick_power * browned(i, cooking) * cooking.trial_share(trials.index(i)) }
          return if effects.any? { |effect| effect < Solver::LEAST_EFFECT }

          grams = Solver.grams(split, effects, missing: missing, liquid_g: cooking.liquid_g)
          Alternative.new(keys: split.thickeners.map(&:key), names: split.thickeners.map(&:say),
                          grams: grams.map { |g| g.round(1) },
                          measures: split.thickeners.zip(grams).map { |i, g| Measure.nearest(i, g, units) },
                          gain: row["gain"], cost: row["cost"])
        end
      end
    end
  end
end
