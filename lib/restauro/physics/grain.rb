module Restauro
  module Physics
    # How the grains of one thickener swell and break in one mixture, ready for the inner loop.
    #   da/dt = max(0, a_eq(T) - a)/tau,  a_eq = 1/(1 + exp(-(T - mid)/width))
    #   dw/dt = -k/60 w a stir 10^(0.8 max(0, 4 - pH)) / (1 + exp(-(T - 92)/2))
    # A plain class with plain floats, not a Struct: #step is the innermost loop.
    class Grain
      # @param ingredient [Ingredient] with paste_onset_c and the rest
      # @param mixture [Mixture]
      # @param stir [Float] 1 still
      def self.in(ingredient, mixture, stir: Constants.fetch(:starch, :stir_still))
        constants = Constants.table(:starch)
        shift = ingredient.swells_cold? ? 0.0 : mixture.sugar_shift_c
        onset, full = ingredient.paste_onset_c, ingredient.paste_full_c
        acid = 10**(constants[:acid_exponent].value * [0.0, constants[:acid_ph].value - mixture.ph].max)
        new(
          (onset + full) / 2 + shift,
          (full - onset) * constants[:width_share].value,
          ingredient.paste_tau_s,
          ingredient.boil_breakdown_per_min / 60 * stir * acid
        )
      end

      # What is left of swollen grains held at one temperature for a while: w of dw/dt = -k w.   @return [Float] 0 to 1
      def self.kept(ingredient, mixture, celsius:, seconds:, stir: Constants.fetch(:starch, :stir_still))
        acid =
          10**(Constants.fetch(:starch, :acid_exponent) * [0.0, Constants.fetch(:starch, :acid_ph) - mixture.ph].max)
        heat =
          1 /
          (
            1 +
              Math.exp(
                (Constants.fetch(:starch, :breakdown_celsius) - celsius) / Constants.fetch(:starch, :breakdown_width)
              )
          )
        Math.exp(-ingredient.boil_breakdown_per_min / 60 * stir * acid * heat * seconds)
      end

      # @param mid, width [Float] C   @param tau [Float] s   @param breakdown_per_s [Float] 1/s
      def initialize(mid, width, tau, breakdown_per_s)
        @mid, @width, @tau, @breakdown = mid, width, tau, breakdown_per_s
        freeze
      end

      # One Runge-Kutta step of a and w over the stages of a temperature step.
      # @param stages [Array<Float>] C at the step's start, twice its middle, its end
      # @param near_boil [Array<Float>] the breakdown factor there
      # @param into [Array<Float>] the new a and w are pushed onto it
      def step(swollen, intact, stages, near_boil, step, into)
        half = step / 2
        a1 = swelling(stages[0], swollen)
        w1 = -@breakdown * intact * swollen * near_boil[0]
        a2 = swelling(stages[1], a = swollen + half * a1)
        w2 = -@breakdown * (intact + half * w1) * a * near_boil[1]
        a3 = swelling(stages[2], a = swollen + half * a2)
        w3 = -@breakdown * (intact + half * w2) * a * near_boil[2]
        a4 = swelling(stages[3], a = swollen + step * a3)
        w4 = -@breakdown * (intact + step * w3) * a * near_boil[3]
        into << swollen + step / 6 * (a1 + 2 * (a2 + a3) + a4) << intact + step / 6 * (w1 + 2 * (w2 + w3) + w4)
      end

      # da/dt at a temperature
      def swelling(celsius, swollen)
        gap = 1 / (1 + Math.exp((@mid - celsius) / @width)) - swollen
        gap > 0 ? gap / @tau : 0.0
      end
    end
  end
end
