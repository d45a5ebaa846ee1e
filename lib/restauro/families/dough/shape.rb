module Restauro
  module Families
    class Dough
      # The steps at the board: rolled, cut, filled or rope and knife; how many, how long with so many hands.
      class Shape
        include HandShapes

        def initialize(swap)
          @swap = swap
          @ours = swap.ours
          @options = @ours.options
          @plan = @ours.plan
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [] unless @plan&.pieces&.positive?

          own = public_send(@plan.shape)
          %w[spooned pushed].include?(@plan.shape) ? own : [bench, *own, trays]
        end

        # @return [Array<Step>] sheets cut to ribbons
        def rolled
          [roll, Step.new(kind: "shape", minutes: hands, look_for: "edges that do not crumble",
                          text: "Cut #{mm(@plan.cutter_mm)} mm ribbons: about #{@plan.pieces}, " \
                                "#{@plan.sheets.count} sheets' worth.")]
        end

        # @return [Array<Step>] rounds filled and sealed
        def filled
          each = @plan.rounds_each == 2 ? "each pair" : "each"
          close = @plan.rounds_each == 2 ? "lay a second round on" : "fold in half"
          [roll, Step.new(kind: "shape", minutes: hands, look_for: match_words,
                          text: "Cut #{mm(@plan.cutter_mm)} mm rounds: #{rounds}. #{tenths(@ours.filling_each_g)} g " \
                                "of filling on #{each}, wet the rim, #{close}, press the air out, seal. " \
                                "#{@plan.pieces} pieces.")]
        end

        # @return [Array<Step>] through a die
        def extruded
          [Step.new(kind: "shape", minutes: hands,
                    text: "Press the crumbs through the #{mm(@plan.thickness_mm)} mm die; cut every " \
                          "#{length(:strand_length_mm)} cm: about #{@plan.pieces}.",
                    look_for: "strands that hang without breaking; dusty: a few drops of water; glued together: flour")]
        end

        # @return [Array<Step>] sheets for a dish
        def sheets
          [roll, Step.new(kind: "shape", minutes: hands, look_for: "edges that do not crumble",
                          text: "Cut it into sheets #{mm(@plan.cutter_mm / 10)} cm wide, as long as the dish: about " \
                                "#{@plan.pieces}.")]
        end

        private

        def mm(value) = Recipes::WeighedLine.tenths(value)
        def tenths(grams) = Recipes::WeighedLine.tenths(grams.round(1))
        def length(name) = (Constants.fetch(:shaping, name) / 10).round

        # Minutes by hand, whole.
        def hands
          Shaping::Labour.minutes(@plan.shape, pieces: @plan.pieces, sheets: @plan.sheets&.count.to_i,
                                  helpers: @options.helpers).ceil.to_f
        end

        def bench
          text = if @options.hands == "oil" then "Oil hands and board: #{@swap.bench_g.round} g does."
                 else "Of the flour keep back #{@swap.bench_g.round} g for board and hands: it counts."
                 end
          Step.new(kind: "shape", text: text)
        end

        def roll = Rolling.new(@plan.thickness_mm, @options.tool).step

        def rounds
          first, *again = @plan.rounds
          more = again.select(&:positive?)
          "#{first}#{", then #{more.join(" and ")} from the scraps" if more.any?}"
        end

        # Whether dough and filling come out even.
        def match_words
          ring = @ours.matching_ring_mm or return "no filling on the rim"
          share = @ours.filling_g / (@ours.filling_most_g * @plan.pieces)
          return "dough and filling come out even" if share.between?(Constants.fetch(:shaping, :filled_least), 1)

          even = "a #{ring} mm ring, or #{(100 * share).round} % of the dough, uses up both"
          most = tenths(@ours.filling_most_g)
          share < 1 ? "thinly filled, each could hold #{most} g; #{even}" : "more filling than they hold; #{even}"
        end

        def trays
          count = "#{@plan.trays} tray#{"s" if @plan.trays > 1}"
          Step.new(kind: "shape",
                   text: "Lay them side by side, not touching, on floured parchment: #{count}. Under a cloth, not in " \
                         "a heap.")
        end
      end
    end
  end
end
