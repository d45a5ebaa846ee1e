module Restauro
  module Lift
    # Carbon dioxide from baking powder, and from bicarbonate with the acid there is.
    #   moles of CO2 · dry mL at 100 C per 100 g of batter · bicarbonate_left g, with no acid for it · soapy, metallic
    Gas = Value.of(:moles, :ml_per_100g, :bicarbonate_left, :acid_left_mmol, :soapy, :metallic) do
      # @param parts [Array<Array(Ingredient, Float)>] ingredient and grams   @return [Gas]
      def self.of(parts)
        total = parts.sum(0.0, &:last)
        bicarbonate = grams(parts, "bicarbonate")
        powder = grams(parts, "baking_powder")
        have, acid = bicarbonate / figure(:molar_bicarbonate), acid_moles(parts)
        left = [have - acid, 0.0].max
        moles =
          powder * figure(:co2_share_of_powder) / figure(:molar_co2) + [have, acid].min +
          left * figure(:heat_alone_share)
        left_g = left * figure(:molar_bicarbonate)
        new(
          moles: moles,
          ml_per_100g: total.zero? ? 0.0 : 100 * millilitres(moles) / total,
          bicarbonate_left: left_g,
          acid_left_mmol: 1000 * [acid - have, 0.0].max,
          soapy: total.positive? && 1000 * left_g / total > figure(:soapy_g_per_kg),
          metallic: powder > figure(:metallic_powder_share) * flour(parts) && flour(parts).positive?
        )
      end

      # Dry gas by the ideal gas law, V = n R T/P.   @param celsius [Float] C   @return [Float] mL
      # @example millilitres(0.0125).round # => 383
      def self.millilitres(
        moles,
        celsius: figure(:gas_celsius),
        pressure_pa: Constants.fetch(:air, :sea_level_pressure)
      )
        1e6 * moles * Constants.fetch(:air, :gas_constant) * (celsius + Constants.fetch(:air, :zero_celsius)) /
          pressure_pa
      end

      # Grams of bicarbonate that give so many moles, with acid for all of it.
      def self.bicarbonate_for(moles) = moles * figure(:molar_bicarbonate)

      def self.acid_moles(parts)
        per_gram = DataFiles.table("acids.csv").to_h { |row| [row["key"], Float(row["mmol_per_g"])] }
        parts.sum(0.0) { |ingredient, grams| per_gram.fetch(ingredient.key, 0.0) * grams } / 1000
      end

      def self.grams(parts, key) = parts.sum(0.0) { |ingredient, grams| ingredient.key == key ? grams : 0.0 }
      def self.flour(parts) = parts.sum(0.0) { |ingredient, grams| ingredient.starchy? ? grams : 0.0 }
      def self.figure(name) = Constants.fetch(:lift, name)
    end
  end
end
