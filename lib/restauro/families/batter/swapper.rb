module Restauro
  module Families
    class Batter
      # Flour for flour by weight; then the liquid that is most of it is solved for the ratio, and what lifts it for the
      # gas that gluten would have held.
      class Swapper
        DEFAULT = %w[blend_with_gum chickpea_flour white_rice_flour buckwheat_flour cassava_flour almond_flour].freeze

        def initialize(catalogue, recipe, options, wheat)
          @catalogue = catalogue
          @recipe = recipe
          @options = options
          @wheat = wheat
          @exclusion = Diets::Exclusion.of(options.without, catalogue)
          @replaced = recipe.ingredients.select { |line| line.counted? && !line.before_a_batter? && out?(line) }.freeze
          @balance = Balance.new(catalogue, wheat, kept: options.target.nil?,
                                                   flour_g: @replaced.sum { |line| line.grams.value })
          @substitutes = Diets::Substitutes.new(catalogue, @exclusion, units: units).of(recipe)
        end

        # @return [Swap]   @raise [InvalidInput]
        def swap
          return keep if @replaced.empty? && kept_flours.any? && @options.with.empty? && @options.target.nil?

          read!
          target = @options.target || own_target
          draft = Dusted.written(solved(flours, target).measured, elsewhere)
          ours = Prediction.new(draft.recipe, @catalogue, @options, style: @wheat.style)
          Swap.new(target: target, target_gas: ours.gas.ml_per_100g, kept: @options.target.nil?, wheat: @wheat,
                   ours: ours, replaced: @replaced, pairs: draft.pairs,
                   flours: draft.fresh_flours.freeze, liquid: draft.main_liquid,
                   alternatives: alternatives(target).freeze, substitutions: @substitutes.select(&:found?).freeze,
                   warnings: warnings(ours).freeze)
        end

        private

        def read!
          if @replaced.empty?
            raise InvalidInput, "no flour to replace was read: type its line with its amount, such as '125 g flour'"
          end
          return if @wheat.ratio

          raise InvalidInput, "the wheat batter's thickness cannot be told: no flour with an amount was read"
        end

        def kept_flours =
          own(@recipe.ingredients)

        # The batter's flours, and no dust.
        def own(lines) =
          lines.select { |line| line.counted? && !line.before_a_batter? && @catalogue.fetch(line.ingredient).starchy? }

        # A batter that holds no gluten, as it is.   @return [Swap]
        def keep
          draft = Dusted.written(Draft.start(@recipe, @catalogue, [], @substitutes, []), elsewhere)
          ours = Prediction.new(draft.recipe, @catalogue, @options, style: @wheat.style)
          flours = own(draft.lines)
          Swap.new(target: @wheat.ratio&.value || 0.0, target_gas: ours.gas.ml_per_100g, kept: true, wheat: @wheat,
                   ours: ours, replaced: [].freeze, pairs: draft.pairs, flours: flours.freeze,
                   liquid: draft.main_liquid, alternatives: [].freeze,
                   substitutions: @substitutes.select(&:found?).freeze, warnings: warnings(ours).freeze)
        end

        # Wheat's own; a muffin without gluten wants a stiffer bowl, or it falls.
        def own_target
          @wheat.ratio.value * (@wheat.style == "muffin" ? Constants.fetch(:batter, :muffin_ratio_share) : 1)
        end

        def elsewhere
          WheatElsewhere.new(@catalogue, flour: -> { Sauce::Choice.new(@catalogue, @exclusion).rescuer },
                                         exclusion: @exclusion, units: units)
        end

        def units = KitchenUnits.of(@recipe.system)
        def out?(line) =
          @catalogue.fetch(line.ingredient).then { |i| !@exclusion.allows?(i) && (i.starchy? || i.group == "crumb") }

        def flours(keys = @options.with)
          keys = [usual].compact if keys.empty?
          raise InvalidInput, "nothing is left to make a batter of; leave out less" if keys.empty?

          keys.map { |key| allowed!(@catalogue.fetch(key)) }
        end

        # What is at hand before what is not.
        def usual
          (DEFAULT & @options.offer | DEFAULT).find { |key| @exclusion.allows?(@catalogue.fetch(key)) }
        end

        def allowed!(ingredient)
          unless ingredient.starchy?
            raise InvalidInput, "#{ingredient.say} is no flour for a batter; choose a flour, starch or blend"
          end

          @exclusion.allow!(ingredient, instead: "another flour")
        end

        # Flour in, liquid solved, lift set: by the flour, so it is set once.   @return [Draft]
        def solved(flours, target)
          draft = @balance.of(Draft.start(@recipe, @catalogue, @replaced, @substitutes, flours), target)
          @balance.of(Leavening.new(@catalogue, @wheat).raise(draft), target)
        end

        def alternatives(target)
          rows = DataFiles.yaml("families/batter/candidates.yml")
          others = (@options.offer - rows.flat_map { |row| row["with"] }).map do |key|
            {"with" => [key], "gain" => "at hand", "cost" => @catalogue.fetch(key).note.to_s}
          end
          rest = (rows + others).reject { |row| row["with"].sort == flours.map(&:key).sort }
          rest.sort_by.with_index { |row, index| [(row["with"] - @options.offer).length, index] }
              .filter_map { |row| alternative(row, target) }
        end

        def alternative(row, target)
          ingredients = flours(row["with"])
          liquid = solved(ingredients, target).main_liquid or return
          Alternative.new(keys: row["with"], names: ingredients.map(&:say), liquid_g: liquid.grams.value.round,
                          gain: row["gain"], cost: row["cost"], liquid_name: @catalogue.fetch(liquid.ingredient).say)
        rescue InvalidInput
          nil
        end

        def warnings(ours) =
          (ours.warnings + @exclusion.warnings(ours.recipe, @catalogue) + Leavening.new(@catalogue, @wheat).cut).uniq
      end
    end
  end
end
