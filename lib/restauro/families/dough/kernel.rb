module Restauro
  module Families
    class Dough
      # What doughs and crusts share: the school and the amounts that take wheat's place, and the schools that could.
      # Whose it is answers for its own side:
      #
      #   catalogue, recipe, options, exclusion, stays, wheat, trials    what there is to swap
      #   prediction(recipe)       a recipe of ours, as it will be
      #   written(formula)         the Writer's lines of a solved formula
      #   swap_of(school, written, common)   the swap of them     kept_of(own)   the swap of what stays as it is
      #   schools                  what may hold it
      #   otherwise                what to do where no school is left
      class Kernel
        OTHERS = 4

        def initialize(side)
          @side = side
          freeze
        end

        # @return [Swap]   @raise [InvalidInput] with what would do
        def swap
          nothing = side.stays.replaced.empty?
          return keep if nothing && keep?
          if nothing
            raise InvalidInput, "no flour to replace was read: type its line with its amount, such as '200 g flour'"
          end
          unless side.wheat.ratio
            raise InvalidInput, "how wet the wheat dough is cannot be told: no flour with an amount was read"
          end

          tries = side.trials.all
          school = pick(tries)
          side.swap_of(school, side.written(tries[school].formula), common(tries, school))
        end

        private

        attr_reader :side

        def keep? = side.options.with.empty? && side.options.school.nil? && side.options.target.nil? && own_flours.any?
        def own_flours =
          Recipes::Parts.dough(side.recipe)
            .select { |line| line.counted? && side.catalogue.fetch(line.ingredient).starchy? }

        # A dough that holds no gluten, as it is: the school is that of the binder in it.   @return [Swap]
        def keep
          stays = Stays.new(side.recipe, side.catalogue, side.exclusion, keep_liquids: true)
          lines = stays.recipe.lines.reject do |line|
            line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text))
          end
          ours = side.prediction(side.recipe.with(lines: lines))
          binder = lines.find { |line| line.role == "binder" }
          liquid = Recipes::Parts.dough(ours.recipe).find { |line| line.role == "liquid" && line.counted? }
          school = side.schools.find { |one| binder && one.binders.include?(binder.ingredient) } ||
            side.schools.find { |one| one.for?(side.options.shape) }
          side.kept_of({school: school, ours: ours, pairs: lines.map { |line| [line, [line]] }.freeze,
                        flours: own_flours.freeze, binder: binder, liquid: liquid, bench_g: 0.0,
                        target: side.wheat.ratio&.value || 0.0, kept: true, wheat: side.wheat, replaced: [].freeze,
                        alternatives: [].freeze, refused: {}, substitutions: stays.substitutions,
                        warnings: ours.warnings.uniq.freeze})
        end

        def common(tries, school)
          target = side.trials.target
          refused = tries.reject { |_, try| try.formula }.transform_values(&:why)
          {target: target, kept: side.options.target.nil? && target == side.wheat.ratio.value, wheat: side.wheat,
           replaced: side.stays.replaced, alternatives: alternatives(tries, school).freeze, refused: refused.freeze}
        end

        # The cook's own school, else that of the binder they chose, else the first that holds.
        def pick(tries)
          own = side.options.school || side.schools.find { |school| school.binders.intersect?(side.options.with) }&.key
          chosen = own ? tries.keys.find { |school| school.key == own } : tries.find { |_, try| try.formula }&.first
          return chosen if chosen && tries[chosen].formula

          open = tries.select { |_, try| try.formula }.keys.map { |school| "#{school.say} (#{school.key})" }
          why = chosen ? "#{chosen.say} does not do here: #{tries[chosen].why}" :
                         "nothing is left that holds this dough: #{reasons(tries)}"
          raise InvalidInput, "#{why}. #{open.any? ? "What would do: #{open.join(", ")}" : side.otherwise}."
        end

        def reasons(tries) = tries.map { |school, try| "#{school.say}, #{try.why}" }.join("; ")

        def alternatives(tries, chosen)
          others = tries.select { |school, try| try.formula && school != chosen }
          schools = others.map { |school, try| row(school, try.formula, school.gain, school.cost) }
          all = schools + other_flours(chosen, tries[chosen].formula)
          all.sort_by.with_index { |other, index| [(other.keys - side.options.offer).length, index] }
        end

        # The same school with other flours.
        def other_flours(school, formula)
          listed = school.mixes(side.catalogue, side.options)
          here = shelf_mixes - listed
          mixes = here.first(OTHERS) + listed.first(OTHERS)
          mixes.reject { |mix| mix.keys == formula.flours.keys }.filter_map do |mix|
            try = side.trials.attempt(school, [mix])
            try.formula && row(school, try.formula, "#{school.say} too",
                               mix.keys.filter_map(&:note).reject(&:empty?).first || "another taste")
          end
        end

        # What stands in the cupboard: a blend as it is, another flour half and half with a starch that is there too, as
        # the form takes them.
        def shelf_mixes
          here = side.options.offer.filter_map { |key| side.catalogue.find_key(key) }
            .select { |i| i.starchy? && side.exclusion.allows?(i) }
          starch = here.find { |ingredient| ingredient.group == "starch" }
          here.select { |ingredient| %w[flour blend].include?(ingredient.group) }
              .map { |flour| flour.group == "blend" || starch.nil? ? {flour => 1.0} : {flour => 0.5, starch => 0.5} }
        end

        def row(school, formula, gain, cost)
          amounts = [*formula.flours.to_a,
                     ([formula.binder, formula.binder_g] if formula.binder && formula.binder_g.positive?),
                     ([side.stays.liquid, formula.liquid_g] if formula.liquid_g >= 1)].compact
          said = amounts.map { |ingredient, grams| [ingredient.say, grams.round(grams < 10 ? 1 : 0)] }
          Alternative.new(school: school.key, keys: formula.flours.keys.map(&:key),
                          names: formula.flours.keys.map(&:say), gain: gain, cost: cost, amounts: said)
        end
      end
    end
  end
end
