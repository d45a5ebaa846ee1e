module Restauro
  module Families
    class Crust
      # The steps of a dough that is made: what binds it, mixed, rested, shaped.
      class DoughSteps
        include Words
        include DoughRest

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @style = @ours.style
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [crumbs] if @style.key == "base"
          return [*toasted, crumble] if @style.loose?

          return [*toasted, *binding, mix] if @style.key == "dropped"

          shaped = @ours.steamed? || @ours.griddled? ? [] : ShapeSteps.new(@ours).steps
          [*toasted, *binding, mix, rest, folds, *shaped, (rise if thin?)].compact
        end

        private

        def own = Recipes::Parts.dough(@ours.recipe)
        def lines(*roles) = own.select { |line| line.counted? && roles.include?(line.role) }
        def flours = list(@swap.flours)
        def fat = list(lines("fat"))
        def solid_fat? = lines("fat").any? { |line| !Laminated::OILS.include?(line.ingredient) }
        # Shredded as it is sold.
        def suet? = lines("fat").all? { |line| line.ingredient == "suet" }
        def psyllium? = @swap.binder&.ingredient.to_s.start_with?("psyllium")
        # In the dough beside flour, fat, binder and water: sugar, egg, curd, salt, nuts, whatever the recipe has.
        def beside = own - @swap.flours - lines("fat") - [@swap.binder, @swap.liquid].compact
        def stirred = beside.select { |line| %w[seasoning lift other crumb].include?(line.role) }
        def wet = beside - stirred

        # Raw meat or onion in a dough is cooked first.
        def toasted =
          Companions.new(beside.select { |line| line.role == "other" && line.kind }, @catalogue)
            .then { |found| [*found.early_steps] }

        def crumbs
          rest = own - lines("fat") - @swap.flours
          Step.new(kind: "shape",
                   text: "Stir #{fat} melted into #{flours}#{" with #{list(rest)}" if rest.any?}; press into the tin " \
                         "with the flat of a glass.",
                   uses: own,
                   look_for: "a squeezed handful holds; loose: a spoon more fat")
        end

        def crumble
          binder = [@swap.binder, @swap.liquid].compact
          with = stirred + wet + binder
          Step.new(kind: "mix",
                   text: "Rub #{fat} into #{flours}#{", stir in #{list(with)}" if with.any?}; squeeze some into " \
                         "lumps, scatter, do not press.",
                   uses: own,
                   look_for: "lumps as large as peas and hazelnuts")
        end

        def binding
          return [] unless @swap.binder
          return [gel] if psyllium?
          return [] unless dry?

          [Step.new(kind: "mix", text: "Whisk #{list([@swap.binder])} into the dry #{flours}.",
                    uses: [@swap.binder, *@swap.flours], look_for: "no white specks", safety: gums)]
        end

        def gums = @swap.binder.ingredient == "flax_meal" ? [] : ["gum"]
        def dry? = %w[xanthan_gum guar_gum flax_meal].include?(@swap.binder.ingredient)

        def gel
          into = @swap.liquid ? "#{@swap.liquid.grams.value.round} g #{poured}, less the last tenth" : "the beaten egg"
          into = "a spoonful of cold water" unless @swap.liquid || @ours.egg?
          Step.new(kind: "mix", text: "Stir #{list([@swap.binder])} into #{into}; wait.",
                   minutes: Constants.fetch(:dough, :gel_minutes), uses: [@swap.binder, @swap.liquid],
                   look_for: "a jelly that holds the spoon's track", safety: ["psyllium"])
        end

        def poured =
          "#{@ours.yeast? ? "lukewarm" : "cold"} #{@swap.liquid ? @catalogue.fetch(@swap.liquid.ingredient).say : "water"}"

        # Everything that is in the dough goes in here, whatever it is.
        def mix
          return boiled if @ours.hot_water? && @swap.liquid
          return scalded if @ours.scalded? && @swap.liquid && !psyllium?

          sure, last = @swap.by_feel.map(&:round)
          water = "#{psyllium? ? "the jelly" : "#{sure} g #{poured}"}, then up to #{last} g more by feel"
          water = psyllium? ? "the jelly, no more water" : "no water: what is in it brings it" unless @swap.liquid
          more = [*(binder_now if @swap.binder), *wet]
          Step.new(kind: "mix", uses: own, look_for: look, safety: [*("raw_flour" if @ours.egg?)],
                   text: "#{fat_step}; #{"#{list(more)}, " if more.any?}#{water}. Press together, do not knead for " \
                         "long.")
        end

        # Water at the boil onto the flour, the fat then.
        def scalded
          sure, last = @swap.by_feel.map(&:round)
          dry = flours + (stirred.any? ? " with #{list(stirred)}" : "")
          more = lines("fat") + wet - [@swap.binder]
          then_more = "; then #{list(more)}" if more.any?
          Step.new(kind: "mix", uses: own, heat: "hob", look_for: "smooth and warm, bends without a crack",
                   text: "Pour #{sure} g boiling water over #{dry}, stirring with a spoon#{then_more}. Press it " \
                         "together as soon as it can be touched; up to #{last} g of hot water more by feel.",
                   safety: ["boiling_water"])
        end

        # Fat and water at the boil onto the flour.
        def boiled
          sure, last = @swap.by_feel.map(&:round)
          dry = flours + (stirred.any? ? " with #{list(stirred)}" : "")
          more = wet - [@swap.binder]
          then_more = ", then #{list(more)}" if more.any?
          Step.new(kind: "mix", uses: own, heat: "hob", look_for: "smooth and warm, bends without a crack",
                   text: "Bring #{sure} g water and #{fat} to the boil; at once into #{dry}, stirring#{then_more}. " \
                         "Knead it as soon as it can be touched; up to #{last} g of hot water more by feel.",
                   safety: ["boiling_water"])
        end

        # An egg or curd that holds it goes in with the wet things.
        def binder_now = psyllium? || dry? ? [] : [@swap.binder]

        def fat_step
          dry = flours + (stirred.any? ? " with #{list(stirred)}" : "")
          return "Stir #{dry} together" if fat.empty?
          return "Stir #{fat} into #{dry}" if !solid_fat? || thin? || suet?

          return "Turn #{fat}, fridge-cold in dice of 1 cm, in #{dry}, and do not rub it in" if @ours.laminated?

          "Rub #{fat}, fridge-cold and diced, into #{dry} until it looks like coarse crumbs"
        end

        def look
          return "marbled: lumps of fat are to be seen, they are the layers" if @ours.laminated?

          {"thin" => "soft and sticky, spreads under oiled hands", "pressed" => "damp crumbs that hold when squeezed"}
            .fetch(@style.key, "holds together when squeezed, no dry flour; cracks at the edge: a few drops more")
        end
      end
    end
  end
end
