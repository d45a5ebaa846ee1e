module Restauro
  module Blends
    # What a blend is for: which of wheat's properties it must come near, and how near.
    #   tolerances property => allowed miss, in the property's own unit: one tolerance off counts 1
    Purpose = Value.of(:key, :say, :tolerances, :starch_most, :stretch_least) do
      # @raise [NotFound]
      def self.fetch(key, wheat:)
        row = DataFiles.yaml("blends/purposes.yml")[key.to_s] or
          raise NotFound, "no purpose '#{key}'; use #{DataFiles.yaml("blends/purposes.yml").keys.join(", ")}"
        tolerances = row["tolerance"].to_h do |name, value|
          [name.to_sym, name.end_with?("_pct") ? Float(value) : Float(value) * wheat.public_send(name)]
        end
        new(
          key: key.to_s,
          say: row["say"],
          tolerances: tolerances.freeze,
          starch_most: Float(row["starch_most"]),
          stretch_least: Float(row["stretch_least"])
        )
      end
    end
  end
end
