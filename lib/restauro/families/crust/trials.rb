module Restauro
  module Families
    class Crust
      # Every school of crust tried on one recipe, as a dough's are: wheat's own ratio within what the style bears, less
      # fat where nuts bring theirs.
      class Trials < Dough::Trials
        # @return [Float]
        def target = @options.target || @wheat.ratio.value.clamp(@wheat.style.ratios.first, @wheat.style.ratios.last)

        # What is left of the fat where the flours bring fat of their own.
        # @param mix [Hash{Ingredient => Float}] by share
        # @return [Float] 0 to 1
        def self.fat_factor(kept, mix, flour_g)
          added = kept.sum(0.0) { |ingredient, g| ingredient.fat? ? g : 0.0 }
          own = mix.sum do |ingredient, share|
            ingredient.group == "meal" ? ingredient.fat_pct / 100 * share * flour_g / mix.values.sum : 0.0
          end
          return 1.0 if added.zero? || own.zero?

          [added - own, Constants.fetch(:crust, :least_fat_share) * flour_g].max.clamp(0.0, added) / added
        end

        private

        def schools = School.all
        def ordered = schools.partition { |school| school.for?(@options.shape) }.flatten

        # What is only crumbled needs no binder.
        def refusal(school, binder, mixes)
          return "not for #{@wheat.style.say}" unless school.for?(@options.shape)
          return super if binder.nil? && school.binders.any?
          # Fat alone holds nothing: it is there for who asks for it.
          return "it crumbles; choose it to have it" if school.key == "fat" && @options.school != "fat"

          "none of its flours may be eaten" if mixes.empty?
        end

        def solved(school, mix, binder)
          factor = Trials.fat_factor(kept, mix, @flour_g)
          solver =
            Dough::Solver.new(
              kept: kept.map { |ingredient, g| [ingredient, ingredient.fat? ? g * factor : g] },
              mix: mix,
              school: school,
              binder: held_already?(binder) ? nil : binder,
              need: needed(school),
              target: target,
              liquid: @liquid,
              dry: false
            )
          formula = @wheat.style.loose? ? as_it_is(mix) : solver.solve(@flour_g)
          formula ? Try.new(formula, nil) : Try.new(nil, short(solver))
        end

        def needed(school) = school.binders.empty? ? 0.0 : @wheat.stretch_needed

        # A crumble takes flour for flour: nothing is poured in.
        def as_it_is(mix)
          flours = mix.transform_values { |share| share * @flour_g / mix.values.sum }
          Dough::Formula.new(flours: flours, binder: nil, binder_g: 0.0, liquid_g: 0.0)
        end

        # Curd that is in the recipe does it.
        def held_already?(binder) =
          binder && binder.group == "curd" && kept.any? { |ingredient, _| ingredient.group == "curd" }

        def short(solver)
          most = solver.most_stretch(@flour_g)
          return "it gets too wet: less egg, or drier flours" if most >= @wheat.stretch_needed

          "it stretches #{most.round(2)}, #{@wheat.style.say} needs #{@wheat.stretch_needed.round(2)}"
        end
      end
    end
  end
end
