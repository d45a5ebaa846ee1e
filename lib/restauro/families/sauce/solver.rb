module Restauro
  module Families
    class Sauce
      # Solves for the grams of a gluten-free thickener that give a sauce the flour-equivalents asked for. e is linear
      # in the grams, so one course gives the answer by division; only a slurry's own water bends it, and that settles
      # in a few rounds.
      class Solver
        ROUNDS = 12
        SETTLED = 1e-3
        LEAST_EFFECT = 1e-2
        REACHED_SHARE = 0.02
        REACHED_E = 0.05

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

        # @param split [Split]
        # @param target [Float] e
        # @return [Array(Array, Cooking)] the draft's pairs with the grams in them, to 0.1 g
        # @raise [InvalidInput] when nothing of this thickener can reach the target
        def solve(split, target)
          grams, cooking = settled(split, target)
          pairs = @draft.pairs(split.thickeners, grams.map { |g| g.round(1) })
          cooking = roux? ? cooking.with(formula(pairs)) : cook(pairs)
          reaches?(cooking, target) ? [pairs, cooking] : too_weak(split)
        end

        # Grams of each thickener for a target, from a course that has been cooked with it or its trial.
        # @param effects [Array<Float>] power x share of each
        # @param missing [Float] e wanted
        # @param liquid_g [Float] g at the end
        def self.grams(split, effects, missing:, liquid_g:)
          unless split.by_weight
            return split.shares.zip(effects).map { |share, effect| share * missing * liquid_g / (100 * effect) }
          end

          total = split.shares.zip(effects).sum { |share, effect| share * effect }
          split.shares.map { |share| share * missing * liquid_g / (100 * total) }
        end

        private

        # @return [Array(Array<Float>, Cooking)] grams that no longer move, and the last course cooked
        def settled(split, target)
          grams = split.thickeners.map { |ingredient| first_guess(ingredient, target, split) }
          ROUNDS.times do
            cooking = cook(@draft.pairs(split.thickeners, grams))
            before, grams = grams, solved(split, cooking, target)
            return grams, cooking if roux? || before.zip(grams).all? { |a, b| (a - b).abs <= SETTLED * b }
          end
          [grams, nil]
        end

        # Within what rounding to a tenth of a gram can do.
        def reaches?(cooking, target)
          e = cooking.flour_equivalents
          target = [target, Constants.fetch(:sauce, :e_cap)].min
          e && (e - target).abs <= [REACHED_SHARE * target, REACHED_E].max
        end

        def too_weak(split)
          raise InvalidInput,
                "#{split.thickeners.map(&:say).join(" and ")} cannot get this thick in this course: simmer 5 minutes or more, " \
                  "make a roux, or choose another starch"
        end

        def first_guess(ingredient, target, split)
          power = [ingredient.thick_power, 0.1].max
          target * @draft.liquid_g / (100 * power) / split.thickeners.length
        end

        def solved(split, cooking, target)
          ours = @draft.fresh(cooking.formula)
          missing = target - cooking.flour_equivalents_without(ours)
          too_thick(target) if missing <= Constants.fetch(:sauce, :least_e)
          effects = effects(cooking, ours)
          too_weak(split) if effects.any? { |effect| effect < LEAST_EFFECT }
          Solver.grams(split, effects, missing: missing, liquid_g: cooking.liquid_g)
        end

        def effects(cooking, ours) =
          ours.map { |part| part.ingredient.thick_power * part.power * cooking.share_of(part) }

        def cook(pairs) = Cooking.new(formula(pairs), @options, water: @water, trials: @trials)
        def formula(pairs) =
          Formula.from(@draft.recipe(pairs), @draft.catalogue, school: @options.school, colour: @options.colour)
        def roux? = @options.school == "roux"

        def too_thick(target)
          raise InvalidInput,
                "without its flour this recipe is already as thick as #{target.round(1)} flour-equivalents: choose a thicker target"
        end
      end
    end
  end
end
