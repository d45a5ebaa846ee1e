module Restauro
  module Heat
    # Thermal properties from composition.   Source: choi_okos_1986, as in ashrae_foods
    #   shares of weight that add to 1 · gas_fraction of volume · done_celsius and why, where the food is known
    #   safety key of data/safety.yml, where its heat is a rule of safety
    #   steam: how many times better it conducts where steam moves through its pores
    Food = Struct.new(:name, :shares, :gas_fraction, :done_celsius, :why, :steam, :safety, keyword_init: true) do
      def initialize(steam: 1.0, **)
        super
        freeze
      end

      # The same with other values.   @return [Food]
      def with(**changes) = Food.new(**to_h.merge(changes))

      # The food a few words name.
      # @param words [String]
      # @param catalogue [Catalogue]
      # @return [Food] unknown ones as a soft vegetable
      def self.named(words, catalogue)
        row = row(words) || Food::UNKNOWN
        done = row["done_celsius"] ? Float(row["done_celsius"]) : Safety.celsius(row["safety"])
        composed(row["key"], catalogue, name: words, done_celsius: done, why: row["why"], safety: row["safety"])
      end

      # @return [Hash, nil] of data/heat/foods.csv
      def self.row(words) =
        DataFiles.table("heat/foods.csv").find { |food| words.match?(/\b#{Regexp.escape(food["word"])}(?:e?s)?\b/i) }

      # The row of what a line names, else of its kind: a tilapia is a fish.
      # @param line [Recipes::Line]   @return [Hash, nil]
      def self.row_of(line) =
        row(line.text) || raw(line.ingredient) ||
          DataFiles.yaml("ingredients/kinds.yml").dig(line.kind, "food")&.then { |word| row(word) }

      # A vegetable by its key, in whatever language it was read.   @return [Hash, nil]
      def self.raw(key) =
        (DataFiles.table("heat/foods.csv").find { |food| food["key"] == key } if key.to_s.start_with?("raw_"))

      # @param key [String] of data/heat/compositions.csv, else of the catalogue   @return [Food]
      def self.composed(key, catalogue, **more)
        row = DataFiles.table("heat/compositions.csv").find { |food| food["key"] == key }
        return of_ingredient(catalogue.fetch(key), **more) unless row

        of(
          **%w[water_pct protein_pct fat_pct carbohydrate_pct fibre_pct].to_h do |name|
            [name.delete_suffix("_pct").to_sym, Float(row[name]) / 100]
          end,
          gas_fraction: Float(row["gas_fraction"]),
          **more
        )
      end

      # @param ingredient [Ingredient]   @return [Food]
      def self.of_ingredient(ingredient, **more)
        known =
          {
            water: ingredient.water_pct,
            protein: ingredient.protein_pct,
            fat: ingredient.fat_pct,
            fibre: ingredient.fibre_pct.to_f
          }.transform_values { |pct| pct / 100 }
        ash = Constants.fetch(:heat, :piece_solids_ash) * (1 - known[:water])
        of(**known, carbohydrate: [1 - known.values.sum - ash, 0.0].max, **more)
      end

      # Of a mix.   @param parts [Array<Array(Ingredient, Float)>] ingredient and grams
      def self.mixed(parts, **more)
        total = parts.sum(0.0, &:last)
        share = ->(*figures) do
          parts.sum do |ingredient, grams|
            figures.sum { |figure| ingredient.public_send(figure).to_f } / 100 * grams
          end / total
        end
        of(
          water: share[:water_pct],
          protein: share[:protein_pct],
          fat: share[:fat_pct],
          fibre: share[:fibre_pct],
          carbohydrate: share[:starch_pct, :sugar_pct],
          **more
        )
      end

      # @param water, protein, fat, carbohydrate, fibre [Float] shares of weight; what is left is ash, but only so
      #   much of the solids
      def self.of(water:, protein:, fat:, carbohydrate:, fibre:, gas_fraction: 0.0, **more)
        shares = {
          "water" => water,
          "protein" => protein,
          "fat" => fat,
          "carbohydrate" => carbohydrate,
          "fibre" => fibre
        }
        shares["ash"] = (1 - shares.values.sum).clamp(0.0, Constants.fetch(:heat, :most_ash) * (1 - water))
        total = shares.values.sum
        new(shares: shares.transform_values { |share| share / total }.freeze, gas_fraction: gas_fraction, **more)
      end

      # @return [Float] kg/m3
      def density(celsius) =
        (1 - gas_fraction) / shares.sum { |part, share| share / Food.property(part, "rho", celsius) }
      # @return [Float] J/(kg K)
      def heat_capacity(celsius) = 1000 * shares.sum { |part, share| share * Food.property(part, "c", celsius) }

      # By volume shares, less for gas, more for steam: k (1 - phi)^1.5.   @return [Float] W/(m K)
      def conductivity(celsius)
        volumes = shares.to_h { |part, share| [part, share / Food.property(part, "rho", celsius)] }
        volumes.sum { |part, volume| volume / volumes.values.sum * Food.property(part, "k", celsius) } *
          (1 - gas_fraction)**1.5 * steam
      end

      # @return [Float] m2/s
      def diffusivity(celsius) = conductivity(celsius) / (density(celsius) * heat_capacity(celsius))

      # @param name [String] rho, c or k   @return [Float] kg/m3, kJ/(kg K) or W/(m K)   Source: choi_okos_1986
      def self.property(part, name, celsius)
        @figures ||=
          DataFiles
            .table("heat/choi_okos.csv")
            .to_h { |row| [row["part"], row.to_h { |key, cell| [key, Float(cell, exception: false)] }] }
        a, b, c = @figures.fetch(part).values_at("#{name}0", "#{name}1", "#{name}2")
        a + b * celsius + c * celsius**2
      end
    end

    Food::UNKNOWN = {
      "key" => "raw_celeriac",
      "done_celsius" => "85",
      "why" => "soft, or cooked through",
      "shape" => "slice"
    }.freeze
  end
end
