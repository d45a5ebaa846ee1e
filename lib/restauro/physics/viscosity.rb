module Restauro
  module Physics
    # How thick a sauce is, from its flour-equivalents e (g of wheat flour per 100 g of liquid that would thicken as much).
    module Viscosity
      SAUCE = Constants.table(:sauce).transform_values(&:value)
      GAS = Constants.fetch(:air, :gas_constant)
      KELVIN = Constants.fetch(:air, :zero_celsius)

      module_function

      # eta = (eta0 + 0.10 (e/3.1)^2.6) * exp(E/R (1/T - 1/333.15)), and below 60 C times 1 + setback (60 - Tc)/60; at 50 1/s.
      # @param flour_equivalents [Float] g/100 g   @param celsius [Float] C   @param base [Float] eta0 of the liquid at 60 C, Pa s
      # @param setback [Float] 0 and up   @return [Float] Pa s
      def pa_s(flour_equivalents, celsius:, base:, setback: 0.0)
        reference = SAUCE[:viscosity_celsius]
        body = base + SAUCE[:viscosity_scale] * (flour_equivalents / SAUCE[:e_per_spoon])**SAUCE[:viscosity_exponent]
        arrhenius = Math.exp(SAUCE[:activation_energy] / GAS * (1 / (celsius + KELVIN) - 1 / (reference + KELVIN)))
        set = celsius < reference ? 1 + setback * (reference - celsius) / reference : 1.0
        body * arrhenius * set
      end

      # Flour-equivalents that would be as thick at 60 C: #pa_s turned round, for reading a chart.
      def flour_equivalents(pa_s, base: 0.0)
        SAUCE[:e_per_spoon] * ([pa_s - base, 0.0].max / SAUCE[:viscosity_scale])**(1 / SAUCE[:viscosity_exponent])
      end

      # Flow index n of eta(g) = eta50 (g/50)^(n-1): 1 is like water, less is shear thinning.
      # @param limit [Float] n of a thick sauce: 0.45 starches, 0.5 flours
      def flow_index(flour_equivalents, limit: SAUCE[:flow_index_starch])
        limit + (1 - limit) * Math.exp(-flour_equivalents / SAUCE[:flow_index_decay])
      end
    end
  end
end
