module Restauro
  module Heat
    # Plank's equation, turned to thawing: seconds until a frozen piece is thawed to its middle.   Source: plank_1941
    #   t = rho L/(T_around - T_f) (P a/h + R a^2/k), k of the thawed food that the heat comes through
    module Thawing
      module_function

      # @param shape [Symbol] :slab, :cylinder, :short_cylinder or :sphere
      # @param thickness_m [Float] m
      # @return [Float] s
      def seconds(shape:, thickness_m:, food:, around:, coefficient:, freezing: 0.0)
        row = DataFiles.table("heat/plank.csv").find { |candidate| candidate["shape"] == shape.to_s } or
          raise ArgumentError, "no shape #{shape}"
        latent = 1000 * Constants.fetch(:boil, :latent_fusion) * food.shares.fetch("water")
        p, r = Float(row["p"]), Float(row["r"])
        food.density(freezing) * latent / (around - freezing) *
          (p * thickness_m / coefficient + r * thickness_m**2 / food.conductivity(freezing))
      end
    end
  end
end
