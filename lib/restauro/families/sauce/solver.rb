module Restauro
  module Families
    class Sauce
      # Solves for the grams of a gluten-free thickener that give a sauce the flour-equivalents asked for. e is linear in the grams,
      # so one course gives the answer by division; only a slurry's own water bends it, and that settles in a few rounds.
      class Solver
        ROUNDS = 5
        SETTLED = 1e-3
        WEIGHABLE_G = 0.05

        # thickeners Array of Ingredient · shares Array of Float: how the target or the weight is split among them
        Split = Struct.new(:thickeners, :shares, :by_weight)

        # @param draft [SwapDraft] the recipe without its thickener, ready for a new one   @param options [Options]
        def initialize(draft, options, water:, trials: [])
          @draft = draft
          @options = options
          @water = water
          @trials = trials
          freeze
        end

        # @param split [Split]   @param target [Float] e   @return [Array(Array<Float>, Recipes::Recipe, Cooking)] g of each, to 0.1 g
        # @raise [InvalidInput] when nothing of this thickener can reach the target
        def solve(split, target)
          grams = split.thickeners.map { |ingredient| first_guess(ingredient, target, split) }
          ROUNDS.times do
            before, grams = grams, round_of(split, grams, target)
            break if before.zip(grams).all? { |a, b| (a - b).abs <= SETTLED * b } || @options.school == "roux"
          end
          grams = grams.map { |g| g.round(1) }
          recipe = @draft.recipe(split.thickeners, grams)
          [grams, recipe, cook(recipe, trials: @trials)]
        end

        # Grams of each thickener for a target, from a course that has been cooked with it or its trial.
        # @param effects [Array<Float>] power x share of each   @param missing [Float] e wanted   @param liquid_g [Float] g at the end
        def self.grams(split, effects, missing:, liquid_g:)
          if effects.any? { |effect| effect < 1e-3 }
            raise InvalidInput, "#{split.thickeners.map(&:say).join(" and ")} does not thicken in this course: more heat, more minutes or another starch"
          end
          return split.shares.zip(effects).map { |share, effect| share * missing * liquid_g / (100 * effect) } unless split.by_weight

          total = split.shares.zip(effects).sum { |share, effect| share * effect }
          split.shares.map { |share| share * missing * liquid_g / (100 * total) }
        end

        private

        def first_guess(ingredient, target, split)
          power = [ingredient.thick_power, 0.1].max
          target * @draft.liquid_g / (100 * power) / split.thickeners.length
        end

        def round_of(split, grams, target)
          cooking = cook(@draft.recipe(split.thickeners, grams))
          ours = cooking.formula.thickeners.last(split.thickeners.length)
          missing = target - cooking.flour_equivalents_without(ours)
          too_thick(target) if missing <= Constants.fetch(:sauce, :least_e)
          Solver.grams(split, effects(cooking, ours), missing: missing, liquid_g: cooking.liquid_g)
        end

        def effects(cooking, ours)
          shares = cooking.formula.bodies.zip(cooking.last.shares).to_h { |body, share| [body, share] }
          ours.map { |part| part.ingredient.thick_power * shares.fetch(part) }
        end

        def cook(recipe, trials: [])
          formula = Formula.from(recipe, @draft.catalogue, school: @options.school)
          Cooking.new(formula, @options, water: @water, trials: trials)
        end

        def too_thick(target)
          raise InvalidInput, "without its flour this recipe is already as thick as #{target.round(1)} flour-equivalents: choose a thicker target"
        end
      end
    end
  end
end
