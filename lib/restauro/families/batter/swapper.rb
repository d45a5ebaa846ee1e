module Restauro
  module Families
    class Batter
      # Flour for flour by weight; then the liquid that is most of it is solved for the ratio, and what lifts it for the gas that gluten
      # would have held.
      class Swapper
        DEFAULT = %w[blend_with_gum chickpea_flour white_rice_flour buckwheat_flour cassava_flour almond_flour].freeze
        GAS_ROUNDS = 4

        def initialize(catalogue, recipe, options, wheat)
          @catalogue = catalogue
          @recipe = recipe
          @options = options
          @wheat = wheat
          @exclusion = Diets::Exclusion.of(options.without, catalogue)
          @replaced = recipe.ingredients.select { |line| line.counted? && gluten_flour?(line) }.freeze
          @substitutes = Diets::Substitutes.new(catalogue, @exclusion, units: units).of(recipe)
        end

        # @return [Swap]   @raise [InvalidInput]
        def swap
          raise InvalidInput, "no flour to replace was read: type its line with its amount, such as '125 g flour'" if @replaced.empty?
          raise InvalidInput, "the wheat batter's thickness cannot be told: no flour with an amount was read" unless @wheat.ratio

          target = @options.target || @wheat.ratio.value
          draft = solved(flours, target).measured
          ours = Prediction.new(draft.recipe, @catalogue, @options)
          Swap.new(target: target, target_gas: target_gas(ours), kept: @options.target.nil?, wheat: @wheat, ours: ours, replaced: @replaced,
                   pairs: draft.pairs, flours: draft.fresh_flours.freeze, liquid: draft.main_liquid,
                   alternatives: alternatives(target).freeze, substitutions: @substitutes.select(&:found?).freeze, warnings: warnings(ours).freeze)
        end

        private

        def units = KitchenUnits.of(@recipe.system)
        def gluten_flour?(line) = @catalogue.fetch(line.ingredient).then { |i| i.contains_gluten? && (i.starchy? || i.group == "crumb") }

        def flours(keys = @options.with)
          keys = DEFAULT.select { |key| @exclusion.allows?(@catalogue.fetch(key)) }.first(1) if keys.empty?
          raise InvalidInput, "nothing is left to make a batter of; leave out less" if keys.empty?

          keys.map { |key| allowed!(@catalogue.fetch(key)) }
        end

        def allowed!(ingredient)
          raise InvalidInput, "#{ingredient.say} is no flour for a batter; choose a flour, starch or blend" unless ingredient.starchy?

          @exclusion.allow!(ingredient, instead: "another flour")
        end

        # Flour in, liquid solved, lift set.   @return [Draft]
        def solved(flours, target)
          draft = Draft.start(@recipe, @catalogue, @replaced, @substitutes, flours)
          GAS_ROUNDS.times do
            draft = with_liquid(draft, target)
            lifted = with_lift(draft)
            return lifted if lifted.equal?(draft)

            draft = lifted
          end
          draft
        end

        # Grams of the main liquid by balance: free = ratio held. Where that leaves too little, the flour is cut instead.
        def with_liquid(draft, target)
          liquid = draft.main_liquid or raise InvalidInput, "no liquid was read to thin the batter with; type such as '300 ml milk'"
          ingredient = @catalogue.fetch(liquid.ingredient)
          missing = target * Hydration::WaterRatio.held(draft.weights) - Hydration::WaterRatio.free(draft.weights)
          grams = liquid.grams.value + missing / (Hydration::WaterRatio.free_share(ingredient) - target * ingredient.hold_g_per_g)
          least = Constants.fetch(:batter, :least_liquid_share) * liquid.grams.value
          grams >= least ? draft.weigh(liquid, grams) : less_flour(draft.weigh(liquid, least), target)
        end

        # The flour for the water there is.
        def less_flour(draft, target)
          held = draft.fresh_flours.sum { |line| @catalogue.fetch(line.ingredient).hold_g_per_g * line.grams.value }
          wanted = Hydration::WaterRatio.free(draft.weights) / target - (Hydration::WaterRatio.held(draft.weights) - held)
          raise InvalidInput, "this is wetter than the target without any flour: choose a thinner target" unless wanted.positive?

          draft.fresh_flours.reduce(draft) { |all, line| all.weigh(line, line.grams.value * wanted / held) }
        end

        # The gas aimed at: more where nothing holds it as gluten did.
        def target_gas(ours)
          wheat = @wheat.gas.ml_per_100g
          return ours.style == "pudding" ? pudding_gas(ours) : wheat if wheat < Constants.fetch(:lift, :least_gas)

          wheat * (1 + (Constants.fetch(:lift, :gluten_factor) - 1) * (1 - ours.stretch))
        end

        # A teaspoon to three eggs in a hot-tin pudding that had none.
        def pudding_gas(ours)
          eggs = ours.weights.sum { |i, g| i.key == "egg_whole" ? g / i.piece_g : 0.0 }
          grams = Constants.fetch(:lift, :pudding_powder_per_egg) * [eggs, 2.0].max
          100 * Lift::Gas.millilitres(grams * Constants.fetch(:lift, :co2_share_of_powder) / Constants.fetch(:lift, :molar_co2)) / ours.grams
        end

        # Bicarbonate for the acid there is, then baking powder.
        def with_lift(draft)
          now = Prediction.new(draft.recipe, @catalogue, @options.with_choices(oven: nil, oil: nil))
          short = (target_gas(now) - now.gas.ml_per_100g) * now.grams / 100 / Lift::Gas.millilitres(1.0)
          soda = [short, now.gas.acid_left_mmol / 1000].min.clamp(0.0, 1.0)
          with_more(with_more(draft, "bicarbonate", Lift::Gas.bicarbonate_for(soda)), "baking_powder", Lift::Gas.powder_for(short - soda))
        end

        def with_more(draft, key, grams)
          grams = grams.round(1)
          return draft if grams.abs < 0.1

          line = draft.lines.find { |candidate| candidate.ingredient == key && candidate.counted? }
          return draft.weigh(line, [line.grams.value + grams, 0.0].max) if line

          grams.negative? ? draft : draft.add(@catalogue.fetch(key), grams, "lift")
        end

        def alternatives(target)
          rows = DataFiles.yaml("families/batter/candidates.yml")
          others = (@options.offer - rows.flat_map { |row| row["with"] }).map do |key|
            {"with" => [key], "gain" => "at hand", "cost" => @catalogue.fetch(key).note.to_s}
          end
          (rows + others).reject { |row| row["with"].sort == flours.map(&:key).sort }
                         .sort_by.with_index { |row, index| [(row["with"] - @options.offer).length,
                                                             index] }.filter_map { |row| alternative(row, target) }
        end

        def alternative(row, target)
          ingredients = flours(row["with"])
          liquid = solved(ingredients, target).main_liquid
          Alternative.new(keys: row["with"], names: ingredients.map(&:say), liquid_g: liquid.grams.value.round, gain: row["gain"], cost: row["cost"],
                          liquid_name: @catalogue.fetch(liquid.ingredient).say)
        rescue InvalidInput
          nil
        end

        def warnings(ours) = (ours.warnings + @exclusion.warnings(ours.recipe, @catalogue)).uniq
      end
    end
  end
end
