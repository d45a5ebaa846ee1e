module Restauro
  module Families
    class Crust
      # Finds the school and the amounts that take a wheat crust's place, and makes its filling with it.
      class Swapper < Dough::Swapper
        private

        def wheat_side(options) = Prediction.new(@recipe, @catalogue, options)
        def shaped(options) = options.with_choices(style: @wheat.style.key, cover: @wheat.cover)
        def trials = Trials.new(@catalogue, @wheat, @options, @stays)
        def schools = School.all
        def otherwise = "Leave out less, or press or crumble it instead of rolling it"

        def written_as(tries, school)
          written = Writer.new(@catalogue, crust_alone, @options, @stays).write(tries[school].formula)
          filling = FillingSwap.of(@wheat.filling, @catalogue, @options)
          pairs = (written.pairs + filling.pairs).freeze
          ours = Prediction.new(@recipe.with(lines: pairs.flat_map(&:last)), @catalogue, @options)
          finish(Swap.new(school: school, ours: ours, **written.to_h, pairs: pairs, filling: filling, **common(tries, school),
                          warnings: warnings(ours, filling)))
        end

        def crust_alone = @recipe.with(lines: @recipe.lines.reject { |line| line.part == Parts::NAME })
        def warnings(ours, filling) = (ours.warnings + filling.warnings + @exclusion.warnings(ours.recipe, @catalogue)).uniq.freeze

        # The fat is not in the ratio: a change of it is said.
        def finish(swap)
          change = swap.fat_change
          return swap if change.abs <= Constants.fetch(:crust, :fat_warn_share)

          words = "#{change.positive? ? "richer" : "leaner"} than wheat's by #{(100 * change.abs).round} % of its fat, counted with what nuts and " \
                  "eggs bring: it will be #{change.positive? ? "more tender, and greasy when warm" : "harder and drier"}"
          Swap.new(**swap.to_h, warnings: (swap.warnings + [Warning.new(code: :fat_changed, text: words)]).freeze)
        end
      end
    end
  end
end
