module Restauro
  module Families
    class Dough
      # The amounts of a dough that is as wet as asked and stretches as far as its shape needs.
      #   flours Hash of Ingredient => g · binder Ingredient and binder_g · liquid_g
      Formula = Value.of(:flours, :binder, :binder_g, :liquid_g) { def flour_g = flours.values.sum }

      # Solves a formula: the binder for the stretch that is missing, the liquid for the ratio, or the flour where no
      # liquid goes in.
      class Solver
        TURNS = 60
        MOST_FLOUR = Constants.fetch(:dough, :most_flour)
        ENOUGH = Constants.fetch(:dough, :enough_stretch)

        # @param kept [Array<Array(Ingredient, Float)>] what stays: eggs, purée   @param liquid [Ingredient]
        # @param dry [Boolean] solved by its flour
        # @param floor_g [Float] g of flour at least
        # @param most_liquid_g [Float] g of liquid at most
        def initialize(
          kept:,
          mix:,
          school:,
          binder:,
          need:,
          target:,
          liquid:,
          dry:,
          floor_g: 0.0,
          most_liquid_g: Float::INFINITY
        )
          @kept, @mix, @school, @binder, @need, @target, @liquid, @dry =
            kept,
            mix,
            school,
            binder,
            need,
            target,
            liquid,
            dry
          @floor_g, @most_liquid_g = floor_g, most_liquid_g
          @like_it = binder ? like_it : 0.0
          # Flour that holds no gluten stays, and wants its share of the binder.
          @kept_flour_g = Hydration::Stretch.flour_g(kept)
          freeze
        end

        # @param flour_g [Float] g, of the wheat recipe
        # @return [Formula, nil] nil where no amounts are wet enough and hold
        def solve(flour_g)
          flour = !@dry && liquid_for(flour_g) >= 0 ? flour_g : balanced(flour_g)
          found = flour && formula(flour)
          found if found && stretch(found) >= @need * ENOUGH
        end

        # @param formula [Formula]   @return [Float] of gluten's stretch
        def stretch(formula) = Hydration::Stretch.of(parts(formula.flour_g, formula.binder_g))

        # The stretch that its most binder reaches: to say how far a school goes.
        def most_stretch(flour_g) = Hydration::Stretch.of(parts(flour_g, most_g(flour_g)))

        private

        def formula(flour_g)
          Formula.new(
            flours: @mix.transform_values { |share| share * flour_g / @mix.values.sum },
            binder: @binder,
            binder_g: dose(flour_g),
            liquid_g: liquid_for(flour_g).clamp(0.0, @most_liquid_g)
          )
        end

        # Flour for the water that is there; little of it needs liquid instead.
        def balanced(wheat_g)
          least = [wheat_g * (@dry ? Constants.fetch(:dough, :least_flour_share) : 1.0), @floor_g].max
          return least if liquid_for(least) >= 0

          low, high = least, wheat_g * MOST_FLOUR
          return if liquid_for(high).negative?

          TURNS.times { (middle = (low + high) / 2) && (liquid_for(middle).negative? ? low = middle : high = middle) }
          high
        end

        # Missing liquid; under nothing where it is too wet already.
        def liquid_for(flour_g)
          all = parts(flour_g, dose(flour_g))
          (@target * Hydration::WaterRatio.held(all) - Hydration::WaterRatio.free(all)) /
            (Hydration::WaterRatio.free_share(@liquid) - @target * @liquid.hold_g_per_g)
        end

        def parts(flour_g, binder_g)
          @kept + @mix.map { |ingredient, share| [ingredient, share * flour_g / @mix.values.sum] } +
            (@binder ? [[@binder, binder_g]] : [])
        end

        # What the rest of the dough does not do, and never less than the school's own least.
        def dose(flour_g)
          return 0.0 unless @binder

          missing, all = @need - Hydration::Stretch.of(parts(flour_g, 0.0)), flour_g + @kept_flour_g
          least = @school.least - @like_it / all
          Hydration::Stretch.grams_for(@binder, [missing, least].max, all).clamp(0.0, most_g(flour_g))
        end

        # What is kept of the binder's own kind, eggs for an egg, counts towards the school's least.
        def like_it
          @kept.sum do |ingredient, grams|
            ingredient.group == @binder.group ? Hydration::Stretch.per_share(ingredient) * grams : 0.0
          end
        end

        def most_g(flour_g)
          return 0.0 unless @binder

          name = @binder.group == "puree" ? :most_mash : :"most_#{@binder.key}"
          (flour_g + @kept_flour_g) * Constants.fetch(:dough, name) / 100
        end
      end
    end
  end
end
