module Restauro
  module Hydration
    # How a batter flows and what it leaves on a piece that is lifted out of it.
    module Batter
      module_function

      # eta50 = 45 ratio^-4   @return [Float] Pa s
      def viscosity_pa_s(ratio) =
        Constants.fetch(:hydration, :batter_viscosity) * ratio**-Constants.fetch(:hydration, :batter_exponent)

      # The film that stays: the thinner of what lifting drags along (landau_levich, in the thick-film limit) and what
      # is left after draining
      # (jeffreys_1930).   min(sqrt(eta v/(rho g)), sqrt(eta z/(rho g t)))
      # @param height_m [Float] m, the piece's   @param drain_s [Float] s   @return [Float] m
      def film_m(pa_s, height_m:, drain_s: Constants.fetch(:heat, :drain_seconds))
        weight = Constants.fetch(:hydration, :batter_density) * Constants.fetch(:air, :gravity)
        [
          Math.sqrt(pa_s * Constants.fetch(:sauce, :film_lift_speed) / weight),
          Math.sqrt(pa_s * height_m / (weight * drain_s))
        ].min
      end
    end
  end
end
