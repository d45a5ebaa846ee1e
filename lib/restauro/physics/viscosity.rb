module Restauro
  module Physics
    # How thick a sauce is, from its flour-equivalents e (g of wheat flour per 100 g of liquid that would thicken as
    # much).
    module Viscosity
      E_PER_SPOON = Constants.fetch(:sauce, :e_per_spoon)
      SCALE = Constants.fetch(:sauce, :viscosity_scale)
      EXPONENT = Constants.fetch(:sauce, :viscosity_exponent)
      REFERENCE = Constants.fetch(:sauce, :viscosity_celsius)
      KELVIN = Constants.fetch(:air, :zero_celsius)
      ACTIVATION = Constants.fetch(:sauce, :activation_energy) / Constants.fetch(:air, :gas_constant)
      DECAY = Constants.fetch(:sauce, :flow_index_decay)
      STARCH_INDEX = Constants.fetch(:sauce, :flow_index_starch)

      module_function

      # eta = (eta0 + 0.10 (e/3.1)^2.6) * exp(E/R (1/T - 1/333.15)), and below 60 C times 1 + setback (60 - Tc)/60; at
      # 50 1/s.
      # @param flour_equivalents [Float] g/100 g
      # @param celsius [Float] C
      # @param base [Float] eta0 of the liquid at 60 C, Pa s
      # @param setback [Float] 0 and up   @return [Float] Pa s
      def pa_s(flour_equivalents, celsius:, base:, setback: 0.0)
        body = base + SCALE * (flour_equivalents / E_PER_SPOON)**EXPONENT
        arrhenius = Math.exp(ACTIVATION * (1 / (celsius + KELVIN) - 1 / (REFERENCE + KELVIN)))
        set = celsius < REFERENCE ? 1 + setback * (REFERENCE - celsius) / REFERENCE : 1.0
        body * arrhenius * set
      end

      # Flour-equivalents that would be as thick at 60 C: #pa_s turned round, for reading a chart.
      def flour_equivalents(pa_s, base: 0.0)
        E_PER_SPOON * ([pa_s - base, 0.0].max / SCALE)**(1 / EXPONENT)
      end

      # Flow index n of eta(g) = eta50 (g/50)^(n-1): 1 is like water, less is shear thinning.
      # @param limit [Float] n of a thick sauce: 0.45 starches, 0.5 flours
      def flow_index(flour_equivalents, limit: STARCH_INDEX)
        limit + (1 - limit) * Math.exp(-flour_equivalents / DECAY)
      end
    end
  end
end
