module Restauro
  module Families
    class Sauce
      # What a sauce will be: its texture with bands, and the course that leads there.
      class Prediction
        # course: CoursePoints every 5 s and the last, until it comes off the heat; cooling: the same from there,
        # standing in its pan until it is served, its body no longer changing (empty when served as hot as it is).
        attr_reader :recipe, :cooking, :flour_equivalents, :warnings, :course, :cooling

        # @param recipe [Recipes::Recipe]   @param cooking [Cooking]   @param water [Ingredient]
        def initialize(recipe, cooking, water:)
          @recipe = recipe
          @cooking = cooking
          @base = cooking.formula.base_viscosity(water)
          @fat_share = cooking.formula.fat_volume_share
          @poured = cooking.formula.liquid.value
          @setback = weighted_setback
          @flour_equivalents = estimate
          @course = cooked_points.freeze
          @cooling = cooling_points.freeze
          @warnings = (recipe.warnings + (Emulsion.of?(recipe) ? [] : Cautions.of_course(cooking))).freeze
          freeze
        end

        # Under a few spoonfuls of liquid nothing can be said of the texture: the figures then stand at zero and are not
        # to be shown.
        def known? = !cooking.flour_equivalents.nil?
        # @return [String] roux, slurry or reduction
        def school = cooking.formula.school
        def boiled_eggs? = cooking.boiled_eggs?
        # @return [Options]
        def options = cooking.options
        # @return [Grade]
        def grade = Grade.of(flour_equivalents.value)
        # @return [Float, nil] s until it boils
        def boil_seconds = cooking.result.boil_seconds
        # @return [Symbol, nil] why the course ended before its time
        def stop = cooking.result.stop
        # @return [Float] s to the end of the heat
        def end_seconds = cooking.last.seconds
        # @return [Float] C at the end of the heat
        def pan_celsius = cooking.last.celsius
        # @return [Float] C at the table
        def serve_celsius = options.serve_celsius

        # Pa s of the liquid as it was poured, at 60 C.
        def thin = @base

        # @return [Estimate] Pa s at 50 1/s
        def viscosity(celsius)
          flour_equivalents.map do |e|
            school == "reduction" ? Physics::Viscosity.pa_s(e, celsius: celsius, base: @base) : viscosity_of(e, celsius)
          end
        end
        # @return [Estimate] Pa s in the pan
        def viscosity_pan = viscosity(pan_celsius)
        # @return [Estimate] Pa s on the plate
        def viscosity_plate = viscosity(serve_celsius)
        # @return [Estimate] Pa s out of the fridge
        def viscosity_fridge = viscosity(Constants.fetch(:sauce, :fridge_celsius))

        # Film on a spoon, with the flow index of this body.   @return [Float] mm
        def film_mm(celsius) = film_of(viscosity(celsius).value, flour_equivalents.value)
        # @param pa_s [Float]   @param e [Float]   @return [Float] mm that stays on a spoon
        def film_of(pa_s, e) = 1000 * Physics::Film.thickness_m(pa_s, flow_index: flow_index(e))

        # How far 50 mL spread on a warm plate in two minutes.   @return [Estimate] mm, the thicker the smaller
        def plate_millimetres
          eta = viscosity(Constants.fetch(:sauce, :plate_celsius))
          low, value, high = [eta.high, eta.value, eta.low].map do |pa_s|
            Physics::PlateSpread.millimetres(pa_s, flow_index: flow_index(flour_equivalents.value))
          end
          Estimate.new(value: value, low: low, high: high)
        end

        # What some flour-equivalents of these thickeners in this liquid come to.
        # @param liquid_g [Float] g left of it: a cream that is boiled down thickens by its own fat
        # @return [Float] Pa s at 50 1/s
        def viscosity_of(e, celsius, liquid_g: cooking.liquid_g)
          Physics::Viscosity.pa_s(e, celsius: celsius, base: base_viscosity(liquid_g), setback: @setback)
        end

        # The liquid's own viscosity at 60 C, its fat closer together as water leaves.   @return [Float] Pa s
        def base_viscosity(liquid_g)
          @base * Physics::Emulsion.thickening(@fat_share, concentration: @poured / liquid_g)
        end

        private

        def liquid = cooking.formula.liquid
        def weighted_setback = weighted(&:setback)

        def cooked_points
          cooking.result.points.map do |point|
            course_point(point.seconds, point.celsius, point.liquid_grams, cooking.flour_equivalents(point))
          end
        end

        def cooling_points
          Cooling.points(options.pan, cooking.last, to_celsius: serve_celsius).map do |seconds, celsius|
            course_point(seconds, celsius, cooking.liquid_g, flour_equivalents.value)
          end
        end

        def course_point(seconds, celsius, liquid_grams, e)
          CoursePoint.new(seconds: seconds, celsius: celsius, liquid_grams: liquid_grams, flour_equivalents: e,
                          viscosity_pa_s: e && viscosity_of(e, celsius, liquid_g: liquid_grams))
        end

        # Each body's own band, combined as independent errors, and the liquid's on top.
        def estimate
          return Estimate.new(value: 0.0) unless known?
          return reduced if school == "reduction"

          bodies = cooking.shares_of_e.reject { |_, e| e.zero? }.map do |part, e|
            Estimate.within(e, 0.0).then { |own| own.widen(part.grams.low_share, part.grams.high_share) }
                    .widen(Body.power_share(part.ingredient))
          end
          capped(Estimate.sum(bodies).then { |e| e.widen(liquid.high_share, liquid.low_share) })
        end

        # A cream boiled down counts as the flour that would make it as thick.
        def reduced
          plate = Constants.fetch(:sauce, :viscosity_celsius)
          e = Physics::Viscosity.flour_equivalents(viscosity_of(cooking.flour_equivalents, plate), base: @base)
          capped(Estimate.within(e, Constants.fetch(:uncertainty, :power_other)))
        end

        def capped(estimate)
          cap = Constants.fetch(:sauce, :e_cap)
          Estimate.new(value: [estimate.value, cap].min, low: [estimate.low, 0.0, cap].sort[1],
                       high: [estimate.high, cap].min)
        end

        def flow_index(e)
          limit = weighted { |i| Constants.fetch(:sauce, i.group == "starch" ? :flow_index_starch : :flow_index_flour) }
          Physics::Viscosity.flow_index(e, limit: limit)
        end

        def weighted
          shares = cooking.shares_of_e
          total = shares.sum(0.0, &:last)
          return 0.0 if total.zero?

          shares.sum(0.0) { |part, e| e * yield(part.ingredient) } / total
        end
      end
    end
  end
end
