module Restauro
  module Physics
    # The film a sauce leaves on a spoon lifted out of it and held upright for a few seconds.
    module Film
      module_function

      # The thinner of what lifting drags along, sqrt(eta v/(rho g)) (landau_levich, in the thick-film limit), and what
      # is left after draining, sqrt(eta z/(rho g t)) (jeffreys_1930), with eta taken at the film's own shear rate rho g
      # h/eta.
      # @param pa_s [Float] viscosity at 50 1/s   @param flow_index [Float] n   @return [Float] m
      def thickness_m(pa_s, flow_index: 1.0)
        weight = Constants.fetch(:sauce, :sauce_density) * Constants.fetch(:air, :gravity)
        shear = Constants.fetch(:sauce, :viscosity_shear)
        12
          .times
          .reduce(from_viscosity(pa_s, weight)) do |film, _|
            eta = pa_s
            3.times { eta = pa_s * ((weight * film / eta) / shear)**(flow_index - 1) }
            (film + from_viscosity(eta, weight)) / 2
          end
      end

      # @return [Float] m   Source: landau_levich_1942
      def from_viscosity(pa_s, weight)
        lifted = Math.sqrt(pa_s * Constants.fetch(:sauce, :film_lift_speed) / weight)
        drained =
          Math.sqrt(
            pa_s * Constants.fetch(:sauce, :film_height) / (weight * Constants.fetch(:sauce, :film_drain_seconds))
          )
        [lifted, drained].min
      end
    end
  end
end
