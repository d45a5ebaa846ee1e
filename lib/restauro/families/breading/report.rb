module Restauro
  module Families
    class Breading
      # A prediction or a swap in the command line's fixed words.
      class Report < Batter::Report
        # @return [Hash] a coat and its metrics
        def prediction(prediction)
          {
            family: @family.key,
            lines: prediction.recipe.lines.map { |line| line(line) },
            metrics: metrics(prediction),
            layers: prediction.layers.map(&:to_h),
            course: course(prediction),
            warnings: prediction.warnings.map(&:to_h)
          }
        end

        # @return [Hash] what was solved for: metric, value, grade
        def target(swap) = {metric: "coat_mm", value: swap.target.round(3), grade: nil}
        # @return [Hash] another way: with what, how much, what it gains and costs
        def alternative(other) = {with: other.keys, grams: other.grams, gain: other.gain, cost: other.cost}

        # A coat of crumbs has no water ratio of its own.
        def metrics(prediction)
          section = prediction.section
          {
            water_ratio: nil,
            rung: nil,
            gas_ml_per_100g: 0.0,
            viscosity_pa_s: nil,
            coat_mm: prediction.coat_m&.then { |m| (1000 * m).round(3) },
            coat_water_kg_m2: prediction.coat_water_kg_m2&.round(3),
            minutes_crisp: section&.crisp&.round(1),
            minutes_done: section&.done&.round(1),
            pieces: prediction.pieces&.first
          }
        end
      end
    end
  end
end
