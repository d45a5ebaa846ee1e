module Restauro
  module Families
    class Dough
      # A boiled dough's own side of a swap: both sides are made of the purée that there is. The kernel does the rest.
      class Swapper
        attr_reader :catalogue, :recipe, :wheat, :options, :exclusion, :stays, :trials

        def initialize(catalogue, recipe, options)
          @catalogue = catalogue
          @recipe = recipe
          @wheat = Prediction.new(recipe, catalogue, options)
          @options = options.shaped(@wheat.options.shape)
          @exclusion = @options.exclusion(catalogue)
          @stays =
            Stays.new(
              recipe,
              catalogue,
              @exclusion,
              keep_liquids: false,
              own_liquid: %w[spooned pushed].include?(@options.shape) || (by_hand? && @wheat.contents.poured?)
            )
          refuse_unknown_root
          @trials = Trials.new(catalogue, @wheat, @options, @stays)
          freeze
        end

        # A dough is reckoned from its root's water: of a parsnip none is known here.   @raise [InvalidInput]
        def refuse_unknown_root
          return unless by_hand? && @wheat.contents.puree.nil?

          flour = stays.replaced.sum { |line| line.grams.value }
          root = Recipes::Parts.dough(recipe).find do |line|
            line.kind == "simmer" && line.grams && line.grams.value > flour && Heat::Food.row(line.text)
          end or return
          raise InvalidInput,
                "nothing is known here of a dough of #{Companions.say(root, catalogue)}: how wet it is decides its " \
                "flour. Potato, sweet potato, squash and beetroot are known: type '800 g sweet potato mash'"
        end

        def by_hand? = Options::BY_HAND.include?(@options.shape)

        # @return [Swap]   @raise [InvalidInput] with what would do
        def swap = Kernel.new(self).swap

        # @return [Array<School>] what may hold it
        def schools = School.all
        # @return [String] what to do where no school is left
        def otherwise = "Leave out less, or roll it thicker"
        # @return [Prediction] of a recipe of ours
        def prediction(recipe) = Prediction.new(recipe, catalogue, options, balls: @wheat.balls)
        # @param formula [Formula]   @return [Writer::Written]
        def written(formula) = Writer.new(catalogue, recipe, options, stays).write(formula)
        # @return [Swap] of a dough that stays as it is
        def kept_of(own) = Swap.new(**own)

        # @return [Swap] of a school's lines, with what schools have in common
        def swap_of(school, written, common)
          ours = prediction(recipe.with(lines: written.pairs.flat_map(&:last)))
          warnings = (ours.warnings + exclusion.warnings(ours.recipe, catalogue)).uniq.freeze
          Swap.new(school: school, ours: ours, **written.to_h, **common, warnings: warnings)
        end
      end
    end
  end
end
