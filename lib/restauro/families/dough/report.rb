module Restauro
  module Families
    class Dough
      # A prediction or a swap in the command line's fixed words.
      class Report < Families::Report
        # @return [Hash] a dough and its metrics
        def prediction(dough)
          {
            family: @family.key,
            shape: dough.options.shape,
            lines: dough.recipe.lines.map { |line| line(line) },
            metrics: metrics(dough),
            course: course(dough),
            warnings: dough.warnings.map(&:to_h)
          }
        end

        # @return [Hash] with its school, and why others were refused
        def swap(swap) =
          super.merge(
            school: swap.school.key,
            refused: swap.refused.map { |school, why| {school: school.key, why: why} }
          )
        # @return [Hash] what was solved for: metric, value, grade
        def target(swap) = {metric: "water_ratio", value: swap.target.round(3), grade: swap.rung.key}

        # @return [Hash] another way: with what, how much, what it gains and costs
        def alternative(other)
          {school: other.school, with: other.keys, amounts: other.amounts.to_h, gain: other.gain, cost: other.cost}
        end

        # @return [Hash] water ratio, stretch, minutes, floating
        def metrics(dough)
          boiling = dough.boiling
          {
            **twins(:water_ratio, dough.ratio),
            rung: dough.rung&.key,
            stretch: dough.stretch.round(3),
            stretch_needed: dough.stretch_needed.round(3),
            **boiled(boiling),
            pieces: dough.plan&.pieces,
            thinnest_mm: dough.thinnest_mm&.round(1),
            dough_grams: dough.grams.round(1),
            filling_grams_each: dough.filling_each_g&.round(1)
          }
        end

        private

        def boiled(boiling)
          {
            boil_minutes: boiling&.boil_minutes&.round(2),
            float_minutes: boiling&.float&.value,
            float_minutes_low: boiling&.float&.low,
            float_minutes_high: boiling&.float&.high,
            centre_celsius_at_float: boiling&.centre_at_float&.round(1),
            minutes_done: boiling&.minutes_done&.round(2),
            minutes_frozen: boiling&.minutes_frozen&.round(2),
            pot_litres: boiling&.pot&.litres,
            batches: boiling&.batches,
            pot_lowest_celsius: boiling&.lowest_celsius&.round(1)
          }
        end

        # The middle of a piece every tenth of the way, a little past done.
        def course(dough)
          last = dough.boiling&.minutes_done or return []
          (0..12).map do |index|
            minutes = last * index / 10
            {minutes: minutes.round(2), centre_celsius: dough.boiling.body.centre(minutes).round(1)}
          end
        end
      end
    end
  end
end
