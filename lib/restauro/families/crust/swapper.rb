module Restauro
  module Families
    class Crust
      # Finds the school and the amounts that take a wheat crust's place, and makes its filling with it.
      class Swapper < Dough::Swapper
        private

        # As it is, its filling made as it would be for any crust.
        def kept_more(_ours)
          filling = FillingSwap.of(@wheat.filling, @catalogue, @options)
          crust = crust_alone.lines.reject { |line| line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text)) }
          pairs = (crust.map { |line| [line, @stays.substitutions.find { |found| found.line.equal?(line) }&.lines || [line]] } + filling.pairs).freeze
          {filling: filling, pairs: pairs, ours: Prediction.new(@recipe.with(lines: pairs.flat_map(&:last)), @catalogue, @options)}
        end


        # What is only crumbled has nothing solved for: its milk stays.
        def keep_liquids? = @wheat.style.loose?
        def prediction(recipe) = Prediction.new(recipe, @catalogue, @options)
        def swap_class = Swap
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

        def crust_alone = @recipe.with(lines: @recipe.lines.reject { |line| Parts.filling?(line) })
        def warnings(ours, filling) = (ours.warnings + filling.warnings + @exclusion.warnings(ours.recipe, @catalogue)).uniq.freeze

        # The fat is not in the ratio: a change of it is said.
        def finish(swap)
          swap = Swap.new(**swap.to_h, target: swap.ours.ratio&.value) if @wheat.style.loose?
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
