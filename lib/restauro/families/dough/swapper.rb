module Restauro
  module Families
    class Dough
      # Finds the school and the amounts that take a wheat dough's place, and the schools that could.
      class Swapper
        OTHERS = 4

        def initialize(catalogue, recipe, options)
          @catalogue = catalogue
          @recipe = recipe
          @wheat = wheat_side(options)
          @options = shaped(options)
          @exclusion = @options.exclusion(catalogue)
          @stays = Stays.new(recipe, catalogue, @exclusion, keep_liquids: keep_liquids?)
          @replaced = @stays.replaced
          @trials = trials
        end

        # @return [Swap]   @raise [InvalidInput] with what would do
        def swap
          return keep if @replaced.empty? && keep?
          raise InvalidInput, "no flour to replace was read: type its line with its amount, such as '200 g flour'" if @replaced.empty?
          raise InvalidInput, "how wet the wheat dough is cannot be told: no flour with an amount was read" unless @wheat.ratio

          tries = @trials.all
          written_as(tries, pick(tries))
        end

        private

        def keep? = @options.with.empty? && @options.school.nil? && @options.target.nil? && own_flours.any?
        def own_flours = Recipes::Parts.dough(@recipe).select { |line| line.counted? && @catalogue.fetch(line.ingredient).starchy? }

        # A dough that holds no gluten, as it is: the school is that of the binder in it.   @return [Swap]
        def keep
          stays = Stays.new(@recipe, @catalogue, @exclusion, keep_liquids: true)
          lines = stays.recipe.lines.reject { |line| line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text)) }
          ours = prediction(@recipe.with(lines: lines))
          binder = lines.find { |line| line.role == "binder" }
          liquid = Recipes::Parts.dough(ours.recipe).find { |line| line.role == "liquid" && line.counted? }
          school = schools.find { |one| binder && one.binders.include?(binder.ingredient) } || schools.find { |one| one.for?(@options.shape) }
          own = {school: school, ours: ours, pairs: lines.map { |line| [line, [line]] }.freeze, flours: own_flours.freeze, binder: binder,
                 liquid: liquid,
                 bench_g: 0.0, target: @wheat.ratio&.value || 0.0, kept: true, wheat: @wheat, replaced: [].freeze, alternatives: [].freeze,
                 refused: {},
                 substitutions: stays.substitutions, warnings: ours.warnings.uniq.freeze}
          swap_class.new(**own, **kept_more(ours))
        end

        def kept_more(_ours) = {}
        def prediction(recipe) = Prediction.new(recipe, @catalogue, @options)
        def keep_liquids? = false
        def swap_class = Swap

        # Both sides are made of the purée that there is.
        def wheat_side(options) = Prediction.new(@recipe, @catalogue, options)
        def shaped(options) = options.shaped(@wheat.options.shape)
        def trials = Trials.new(@catalogue, @wheat, @options, @stays)
        def schools = School.all
        def otherwise = "Leave out less, or roll it thicker"

        def written_as(tries, school)
          written = Writer.new(@catalogue, @recipe, @options, @stays).write(tries[school].formula)
          ours = Prediction.new(@recipe.with(lines: written.pairs.flat_map(&:last)), @catalogue, @options)
          Swap.new(school: school, ours: ours, **written.to_h, **common(tries, school),
                   warnings: (ours.warnings + @exclusion.warnings(ours.recipe, @catalogue)).uniq.freeze)
        end

        def common(tries, school)
          {target: @trials.target, kept: @options.target.nil? && @trials.target == @wheat.ratio.value, wheat: @wheat, replaced: @replaced,
           alternatives: alternatives(tries, school).freeze, refused: tries.reject { |_, try| try.formula }.transform_values(&:why).freeze}
        end

        # The cook's own school, else that of the binder they chose, else the first that holds.
        def pick(tries)
          own = @options.school || schools.find { |school| (school.binders & @options.with).any? }&.key
          chosen = own ? tries.keys.find { |school| school.key == own } : tries.find { |_, try| try.formula }&.first
          return chosen if chosen && tries[chosen].formula

          open = tries.select { |_, try| try.formula }.keys.map { |school| "#{school.say} (#{school.key})" }
          why = chosen ? "#{chosen.say} does not do here: #{tries[chosen].why}" : "nothing is left that holds this dough: #{reasons(tries)}"
          raise InvalidInput, "#{why}. #{open.any? ? "What would do: #{open.join(", ")}" : otherwise}."
        end

        def reasons(tries) = tries.map { |school, try| "#{school.say}, #{try.why}" }.join("; ")

        def alternatives(tries, chosen)
          others = tries.select { |school, try| try.formula && school != chosen }
          schools = others.map { |school, try| row(school, try.formula, school.gain, school.cost) }
          (schools + other_flours(chosen, tries[chosen].formula)).sort_by.with_index { |other, index| [(other.keys - @options.offer).length, index] }
        end

        # The same school with other flours.
        def other_flours(school, formula)
          school.mixes(@catalogue, @options).reject { |mix| mix.keys == formula.flours.keys }.first(OTHERS).filter_map do |mix|
            try = @trials.attempt(school, [mix])
            try.formula && row(school, try.formula, "#{school.say} too", mix.keys.filter_map(&:note).reject(&:empty?).first || "another taste")
          end
        end

        def row(school, formula, gain, cost)
          amounts = [*formula.flours.to_a, ([formula.binder, formula.binder_g] if formula.binder && formula.binder_g.positive?),
                     ([@catalogue.fetch("water"), formula.liquid_g] if formula.liquid_g >= 1)].compact
          Alternative.new(school: school.key, keys: formula.flours.keys.map(&:key), names: formula.flours.keys.map(&:say), gain: gain, cost: cost,
                          amounts: amounts.map { |ingredient, grams| [ingredient.say, grams.round(grams < 10 ? 1 : 0)] })
        end
      end
    end
  end
end
