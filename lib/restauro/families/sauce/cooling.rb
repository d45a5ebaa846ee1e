module Restauro
  module Families
    class Sauce
      # A sauce standing off the heat in its pan: the pan's own equations with no watts and nothing else changing.
      module Cooling
        LONGEST_S = 7200

        module_function

        # @param pan [Physics::Pan]
        # @param point [Physics::PanCourse::Point] where the cooking ended
        # @param to_celsius [Float] C
        # @return [Array<Array(Float, Float)>] seconds and Celsius, every 5 s and the last; empty when there is nothing
        #   to cool
        def points(pan, point, to_celsius:)
          return [] if point.celsius <= to_celsius || to_celsius <= Constants.fetch(:pan, :room_celsius)

          step = Constants.fetch(:sauce, :course_interval)
          system = Physics::PanSystem.new(pan: pan, watts: 0.0, lid: false, grains: [])
          cool(system, point, step, to_celsius)
        end

        # @param step [Float] s   @return [Array<Array(Float, Float)>] seconds and C off the heat, down to that many C
        def cool(system, point, step, to_celsius)
          seconds, state = point.seconds, [point.celsius, point.liquid_grams]
          points = []
          while state[0] > to_celsius && seconds < point.seconds + LONGEST_S
            before, state = state, system.step(state, step)
            share = state[0] < to_celsius ? (before[0] - to_celsius) / (before[0] - state[0]) : 1.0
            points << [seconds += share * step, [state[0], to_celsius].max]
          end
          points
        end
      end
    end
  end
end
