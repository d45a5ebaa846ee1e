module Restauro
  module Families
    class Dough
      # Writes a formula as recipe lines, each beside the wheat line whose place it takes.
      class Writer
        # What a swap takes from it.
        Written = Struct.new(:pairs, :flours, :binder, :liquid, :bench_g, :substitutions, keyword_init: true)
        # Of the flour: less than that is not worth a line.
        LEAST_LIQUID = 0.02
        LEAST_BINDER_G = 0.05
        ROLES = {"egg" => "egg", "puree" => "puree", "curd" => "cheese"}.freeze
        SHAPING_OIL = "neutral oil, for shaping".freeze

        # @param stays [Stays]
        def initialize(catalogue, recipe, options, stays)
          @catalogue = catalogue
          @recipe = recipe
          @options = options
          @stays = stays
          @replaced = stays.replaced
          @units = KitchenUnits.of(recipe.system)
          freeze
        end

        # @param formula [Formula]   @return [Written]
        def write(formula)
          part = @replaced.first.part
          flours = formula.flours.map { |ingredient, grams| line(ingredient, grams, "flour", part) }
          binder = binder_line(formula, part)
          liquid =
            (
              if formula.liquid_g >= LEAST_LIQUID * formula.flour_g
                line(@stays.liquid, formula.liquid_g, "liquid", part)
              end
            )
          bench = bench_g(formula.flour_g)
          fresh = [*flours, binder, liquid, (oil(bench, part) if oil?)].compact
          Written.new(
            pairs: pairs(fresh, formula.flours.keys.first).freeze,
            flours: flours.freeze,
            binder: binder,
            liquid: liquid,
            bench_g: bench,
            substitutions: @stays.substitutions
          )
        end

        private

        def binder_line(formula, part)
          return unless formula.binder && formula.binder_g >= least_g(formula.binder)

          line(formula.binder, formula.binder_g, ROLES.fetch(formula.binder.group, "binder"), part)
        end

        # Nobody breaks an egg for a spoonful of it, beside eggs that are there.
        def least_g(binder)
          eggs = @recipe.ingredients.any? { |line| line.role == "egg" && line.grams }
          binder.group == "egg" && eggs ? Constants.fetch(:dough, :least_egg_g) : LEAST_BINDER_G
        end

        def oil? = @options.hands == "oil"
        def line(ingredient, grams, role, part) =
          Recipes::WeighedLine.of(ingredient, grams, role: role, part: part, units: @units)
        def oil(grams, part) =
          Recipes::WeighedLine.of(@catalogue.fetch("neutral_oil"), grams, role: "fat", part: part, name: SHAPING_OIL)

        # What hands and board take: of the flour that is weighed, or oil beside it.   @return [Float] g
        def bench_g(flour_g)
          return Constants.fetch(:dough, :bench_share) * flour_g unless oil?

          Constants.fetch(:dough, :bench_oil_share) *
            Contents.new(@recipe, @catalogue, @options).weights.sum(0.0, &:last)
        end

        def pairs(fresh, flour)
          @recipe
            .lines
            .reject { |old| old.role == "step" || (old.role == "title" && Recipes::Outline.heading?(old.text)) }
            .map { |old| [old, old.equal?(@replaced.first) ? fresh : in_place_of(old, flour)] }
            .then { |found| LiftCap.of(found, @catalogue, @units) }
        end

        # A second wheat flour of the dough is in the first one's place already.
        def in_place_of(line, flour)
          @replaced.any? { |wheat| wheat.equal?(line) } ? [] : elsewhere(line, flour) || @stays.in_place_of(line)
        end

        # Wheat on the bench or in the filling.
        def elsewhere(line, flour)
          WheatElsewhere.new(@catalogue, flour: -> { flour }, exclusion: @stays.exclusion, units: @units).in_place_of(
            line
          )
        end
      end
    end
  end
end
