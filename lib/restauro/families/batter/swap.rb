module Restauro
  module Families
    class Batter
      # A wheat batter and the gluten-free one that flows and rises alike.
      #   target Float ratio · target_gas Float mL/100 g · kept whether the ratio is wheat's · wheat, ours Prediction ·
      #   replaced wheat lines taken out
      #   pairs each wheat line with those in its place · flours new lines · liquid the line that was solved
      #   alternatives, substitutions, warnings
      Swap =
        Value.of(
          :target, :target_gas, :kept, :wheat, :ours, :replaced, :pairs, :flours, :liquid, :alternatives,
          :substitutions, :warnings
        ) do
          def rung = Hydration::Rung.of(target)
          # "Add this, then up to this last tenth by feel."   @return [Array(Float, Float)] g
          def poured
            grams = liquid.grams.value
            last = grams * Constants.fetch(:hydration, :by_feel_share)
            [grams - last, last]
          end
        end

      # Another flour.   keys · names · liquid_g grams of the liquid with it · gain, cost in words
      Alternative = Value.of(:keys, :names, :liquid_g, :liquid_name, :gain, :cost)
    end
  end
end
