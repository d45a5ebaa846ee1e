module Restauro
  module Families
    class Crust
      # A crust's own side of a swap, its filling made with it. The kernel that it shares with doughs finds school and
      # amounts.
      class Swapper
        attr_reader :catalogue, :recipe, :wheat, :options, :exclusion, :stays, :trials

        def initialize(catalogue, recipe, options)
          @catalogue = catalogue
          @recipe = recipe
          @wheat = Prediction.new(recipe, catalogue, options)
          @options = options.with_choices(style: @wheat.style.key, cover: @wheat.cover, cups: @wheat.cups,
                                          chilled: @wheat.chilled?, griddled: @wheat.griddled?,
                                          scalded: @wheat.scalded?)
          @exclusion = @options.exclusion(catalogue)
          # What is only crumbled has nothing solved for: its milk stays.
          @stays = Dough::Stays.new(recipe, catalogue, @exclusion, keep_liquids: @wheat.style.loose?, own_liquid: true)
          @trials = Trials.new(catalogue, @wheat, @options, @stays)
          @filling = FillingSwap.of(@wheat.filling, recipe, catalogue, @options)
          freeze
        end

        # @return [Swap]   @raise [InvalidInput] with what would do
        def swap = Dough::Kernel.new(self).swap

        # @return [Array<Dough::School>] what may hold it
        def schools = School.all
        # @return [String] what to do where no school is left
        def otherwise = "Leave out less, or press or crumble it instead of rolling it"
        # @return [Prediction] of a recipe of ours
        def prediction(recipe) = Prediction.new(recipe, catalogue, options)
        # @param formula [Dough::Formula]   @return [Dough::Writer::Written]
        def written(formula) = Writer.new(catalogue, crust_alone, options, stays).write(formula)

        # As it is, its filling made as it would be for any crust.
        def kept_of(own)
          crust = crust_alone.lines.reject do |line|
            line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text))
          end
          pairs =
            (
              crust.map do |line|
                [line, stays.substitutions.find { |found| found.line.equal?(line) }&.lines || [line]]
              end + @filling.pairs
            ).freeze
          Swap.new(**own, filling: @filling, pairs: pairs, ours: with_lines(pairs))
        end

        # @return [Swap] of a school's lines, with what schools have in common
        def swap_of(school, written, common)
          pairs = (written.pairs + @filling.pairs).freeze
          ours = with_lines(pairs)
          finish(
            Swap.new(
              school: school,
              ours: ours,
              **written.to_h,
              pairs: pairs,
              filling: @filling,
              **common,
              warnings: warnings(ours)
            )
          )
        end

        private

        def with_lines(pairs) = prediction(recipe.with(lines: pairs.flat_map(&:last)))
        def crust_alone = recipe.with(lines: recipe.lines.reject { |line| Parts.filling?(line) })
        def warnings(ours) =
          (ours.warnings + @filling.warnings + exclusion.warnings(ours.recipe, catalogue)).uniq.freeze

        # So little fat that a change of it is no change of the dough.
        def lean? =
          wheat.powder_g.zero? || wheat.all_fat_g / wheat.powder_g < Constants.fetch(:crust, :least_fat_share)

        # The fat is not in the ratio: a change of it is said.
        def finish(swap)
          swap = Swap.new(**swap.to_h, target: swap.ours.ratio&.value) if wheat.style.loose?
          change = swap.fat_change
          return swap if change.abs <= Constants.fetch(:crust, :fat_warn_share) || lean?

          words =
            "#{change.positive? ? "richer" : "leaner"} than wheat's by #{(100 * change.abs).round} % of its fat, counted with what nuts and " \
              "eggs bring: it will be #{change.positive? ? "more tender, and greasy when warm" : "harder and drier"}"
          Swap.new(**swap.to_h, warnings: (swap.warnings + [Warning.new(code: :fat_changed, text: words)]).freeze)
        end
      end
    end
  end
end
