module Restauro
  module Families
    class Sauce
      # A prediction or a swap in the command line's fixed words: plain numbers, unknown as nil.
      class Report < Families::Report
        # @return [Hash]
        def prediction(prediction)
          {
            family: @family.key,
            school: prediction.school,
            lines: prediction.recipe.lines.map { |line| line(line) },
            metrics: metrics(prediction),
            course: prediction.course.map { |point| point(point) },
            warnings: prediction.warnings.map(&:to_h)
          }
        end

        # @return [Hash] what was solved for: metric, value, grade
        def target(swap) = {metric: "flour_equivalents", value: swap.target.round(3), grade: swap.grade.key}

        # @return [Hash] e, its grade and the three viscosities, each with its low and high
        def metrics(prediction)
          {
            flour_equivalents: prediction.flour_equivalents,
            viscosity_pan_pa_s: prediction.viscosity_pan,
            viscosity_plate_pa_s: prediction.viscosity_plate,
            viscosity_fridge_pa_s: prediction.viscosity_fridge
          }.each_with_object({}) { |(name, estimate), all| all.merge!(twins(name, estimate)) }
            .then do |all|
              {flour_equivalents: all.delete(:flour_equivalents), grade: prediction.grade.key}.merge(all)
            end
            .transform_values { |figure| prediction.known? ? figure : nil }
        end

        # @return [Hash] another way: with what, how much, what it gains and costs
        def alternative(other)
          {
            with: other.keys,
            grams: other.grams,
            measures: other.measures.map { |measure| measure&.text },
            gain: other.gain,
            cost: other.cost
          }
        end

        private

        def twins(name, estimate)
          {
            name => significant(estimate.value),
            :"#{name}_low" => significant(estimate.low),
            :"#{name}_high" => significant(estimate.high)
          }
        end

        def point(point)
          {
            seconds: point.seconds.round(2),
            celsius: point.celsius.round(2),
            liquid_grams: point.liquid_grams.round(2),
            flour_equivalents: significant(point.flour_equivalents),
            viscosity_pa_s: significant(point.viscosity_pa_s)
          }
        end

        def significant(number) = number && (number.zero? ? 0.0 : number.round(4 - Math.log10(number.abs).floor))
      end
    end
  end
end
