module Restauro
  module Physics
    # The differential equations of liquid in a pan, for one stretch of unchanged conditions.
    # State: [T in C, liquid in g, a1, w1, a2, w2, ...] with a swollen and w intact share of each thickener.
    #   (m 3.9 + 500) dT/dt = watts - 0.9 (T - 22) - 2257 evap
    #   evap = 2.3 A min(2, ln((P - 1300)/(P - psat(T)))) g/s; at the boil T stays and evaporation takes the heat that
    #   is left.
    class PanSystem
      K = Constants.table(:pan).transform_values(&:value).freeze
      BREAK_T = Constants.fetch(:starch, :breakdown_celsius)
      BREAK_WIDTH = Constants.fetch(:starch, :breakdown_width)
      CAP = K[:evaporation_cap]
      CAP_SHARE = K[:cap_pressure_share]
      ROOM_VAPOUR = K[:room_vapour_pressure]
      LOSS = K[:loss_per_kelvin]
      ROOM = K[:room_celsius]
      LATENT = K[:latent_heat]
      BISECTIONS = 30
      LIQUID_HEAT = K[:liquid_heat_capacity]

      # @param grains [Array<Grain, nil>] nil while that thickener is not in the pan
      # @param boiling [Boolean] held at the boil
      def initialize(pan:, watts:, lid:, grains:, boiling: false)
        @pan = pan
        @watts = watts
        @grains = grains
        @boiling = boiling
        @pressure = pan.pressure_pa
        @open = K[:evaporation_per_area] * pan.area * (lid ? K[:lid_evaporation_share] : 1.0)
        freeze
      end

      # @return [Float] kg/s
      def evaporation(celsius)
        steam = Air.steam_pressure_pa(celsius)
        return @open * CAP if steam >= CAP_SHARE * @pressure

        drive = Math.log((@pressure - ROOM_VAPOUR) / (@pressure - steam))
        @open * (drive < 0 ? 0.0 : (drive > CAP ? CAP : drive))
      end

      # Whether the hob can hold this liquid at the boil.
      def holds_boil?(celsius) = spare_watts(celsius) >= LATENT * evaporation(celsius)

      # One fourth-order Runge-Kutta step of the whole system. The grains follow the temperature and do not act back on
      # it, so each is carried along on the temperatures of the step's own four stages.
      # @param state [Array<Float>]   @param step [Float] s   @return [Array<Float>] a new state
      def step(state, step)
        celsius, liquid, stages = heat_step(state[0], state[1], step)
        near_boil = stages.map { |stage| 1 / (1 + Math.exp((BREAK_T - stage) / BREAK_WIDTH)) }
        moved = [celsius, liquid]
        @grains.each_with_index do |grain, index|
          swollen, intact = state[2 + 2 * index], state[3 + 2 * index]
          grain ? grain.step(swollen, intact, stages, near_boil, step, moved) : moved.push(swollen, intact)
        end
        moved
      end

      # When, within a step that passes it, the liquid reaches a temperature: by bisection of the step's length.
      # @return [Float] s, 0 to step
      def seconds_to(celsius, state, step)
        low, high = 0.0, step
        BISECTIONS.times do
          middle = (low + high) / 2
          heat_step(state[0], state[1], middle).first < celsius ? low = middle : high = middle
        end
        high
      end

      private

      # @return [Array(Float, Float, Array<Float>)] C and g one step on, and the temperature of each stage
      def heat_step(celsius, liquid, step)
        half = step / 2
        t1, m1 = slope(celsius, liquid)
        t2, m2 = slope(second = celsius + half * t1, liquid + half * m1)
        t3, m3 = slope(third = celsius + half * t2, liquid + half * m2)
        t4, m4 = slope(fourth = celsius + step * t3, liquid + step * m3)
        [
          celsius + step / 6 * (t1 + 2 * (t2 + t3) + t4),
          liquid + step / 6 * (m1 + 2 * (m2 + m3) + m4),
          [celsius, second, third, fourth]
        ]
      end

      def slope(celsius, liquid)
        return @boiling ? 0.0 : spare_watts(celsius) / @pan.heat_capacity, 0.0 if liquid <= 0
        return 0.0, -spare_watts(celsius) / LATENT if @boiling

        evap = evaporation(celsius)
        [(spare_watts(celsius) - LATENT * evap) / (liquid * LIQUID_HEAT + @pan.heat_capacity), -evap]
      end

      def spare_watts(celsius) = @watts - LOSS * (celsius - ROOM)
    end
  end
end
