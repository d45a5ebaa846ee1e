module Restauro
  module Families
    class Batter
      # A prediction or a swap in the command line's fixed words.
      class Report < Families::Report
        # @return [Hash] a batter and its metrics
        def prediction(prediction)
          {
            family: @family.key,
            style: prediction.style,
            lines: prediction.recipe.lines.map { |line| line(line) },
            metrics: metrics(prediction),
            course: course(prediction),
            warnings: prediction.warnings.map(&:to_h)
          }
        end

        # @return [Hash] what was solved for: metric, value, grade
        def target(swap) = {metric: "water_ratio", value: swap.target.round(3), grade: swap.rung.key}

        # @return [Hash] another way: with what, how much, what it gains and costs
        def alternative(other) = {with: other.keys, liquid_grams: other.liquid_g, gain: other.gain, cost: other.cost}

        # @return [Hash] water ratio, gas, viscosity, coat, minutes
        def metrics(prediction)
          section = prediction.section
          {
            **twins(:water_ratio, prediction.ratio),
            rung: prediction.rung&.key,
            gas_ml_per_100g: prediction.gas.ml_per_100g.round(1),
            gas_ml_per_100g_flour: prediction.gas_ml_per_100g_flour&.round(1),
            **twins(:viscosity_pa_s, prediction.viscosity),
            coat_mm: prediction.coat_m&.then { |m| (1000 * m).round(3) },
            coat_water_kg_m2: prediction.coat_water_kg_m2&.round(3),
            minutes_crisp: section&.crisp&.round(1),
            minutes_done: section&.done&.round(1)
          }
        end

        private

        def course(prediction)
          (prediction.section&.points || []).map do |point|
            {
              minutes: point.minutes.round(2),
              centre_celsius: point.centre.round(1),
              surface_celsius: point.surface.round(1),
              coat_water_share: point.coat_water.round(3)
            }
          end
        end
      end
    end
  end
end
