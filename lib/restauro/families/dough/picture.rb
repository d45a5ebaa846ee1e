module Restauro
  module Families
    class Dough
      # The numbers a dough's instruments draw: the ladder, the pieces on the sheet, a piece's section over the minutes
      # in the pot.
      class Picture
        COLUMNS = 36
        PAST_DONE = 1.15

        def initialize(swap)
          @swap = swap
          @boiling = swap.ours.boiling
          @plan = swap.ours.plan
        end

        # @return [Hash]
        def to_h
          {
            rungs:
              Hydration::Rung.all.map do |rung|
                {key: rung.key, lower: rung.lower, upper: rung.upper, says: rung.says}
              end,
            target: @swap.target,
            wheat: estimate(@swap.wheat.ratio),
            ours: estimate(@swap.ours.ratio),
            layout: @plan && layout,
            boil: (boil if @boiling && way.nil?),
            steam: way && {way: way, minutes: SteamSteps.new(@swap.ours).minutes}
          }
        end

        private

        def way = @swap.ours.options.way
        def estimate(ratio) = ratio && {value: ratio.value, low: ratio.low, high: ratio.high}

        def layout
          {
            shape: @plan.shape,
            pieces: @plan.pieces,
            piece_g: @plan.piece_g,
            thickness_mm: @plan.thickness_mm,
            cutter_mm: @plan.cutter_mm,
            rounds: @plan.rounds,
            rounds_each: @plan.rounds_each,
            left_g: @plan.left_g,
            trays: @plan.trays,
            **sheet
          }
        end

        def sheet
          sheets = @plan.sheets or return {}
          {
            width_mm: sheets.width,
            length_mm: sheets.length,
            sheets: sheets.count,
            centres: @plan.shape == "filled" ? sheets.centres(@plan.cutter_mm) : []
          }
        end

        def boil
          last = shown_minutes
          thaw = @swap.ours.options.frozen ? @boiling.body.thaw_minutes : 0.0
          body = thaw.zero? ? @boiling.body : @boiling.body.with_start(0.0)
          {
            thickness_mm: @boiling.thickness_mm,
            path_mm: @boiling.path_mm,
            boiling_celsius: @boiling.boiling_celsius,
            thaw_minutes: thaw,
            float: estimate(@boiling.float),
            done: @boiling.minutes,
            by_law: @boiling.by_law?,
            floats_first: @boiling.floats_first?,
            columns: Array.new(COLUMNS) { |index| column(body, last * index / (COLUMNS - 1), thaw) }
          }
        end

        # A little past done, and past where it floats.
        def shown_minutes =
          [PAST_DONE * (@boiling.minutes || Constants.fetch(:boil, :float_high_minutes)), @boiling.float.high].max

        # core: how thick the part is that water has not reached, where that is what cooks it.
        def column(body, minutes, thaw)
          heated = [minutes - thaw, 0.0].max
          {
            minutes: minutes,
            profile: body.profile(heated).map { |celsius| celsius.round(1) },
            core_mm:
              @boiling.by_law? ? [@boiling.path_mm - Heat::ThicknessLaw.cooked_mm(heated), 0.0].max.round(3) : nil
          }
        end
      end
    end
  end
end
