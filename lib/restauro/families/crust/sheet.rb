module Restauro
  module Families
    class Crust
      # A bought sheet laid over a dish: how far it has to be rolled, and whether it bears that.
      #   say · count of sheets · needs_cm2 of the dish and its overlap · sheet_cm2 of one · thickness_mm it comes to ·
      #   thinnest_mm it bears
      #   rises how many times its thickness · wheat_rises the same of wheat's
      Sheet =
        Value.of(
          :say, :count, :needs_cm2, :sheet_cm2, :thickness_mm, :thinnest_mm, :rises, :wheat_rises, :length_cm, :width_cm
        ) do
          def self.rows = DataFiles.yaml("families/crust/sheets.yml")

          # @param ingredient [Ingredient] gluten-free
          # @param pan [Kitchen::BakingPan, nil]
          # @param usual_mm [Float] as it comes
          # @param grams [Float] g of the wheat sheet: as much of it where no pan is known
          def self.of(ingredient, pan, usual_mm, grams:)
            row = rows.fetch(ingredient.key)
            one = Float(row["length_cm"]) * Float(row["width_cm"])
            needs = pan ? over(pan) : one * [(grams / ingredient.piece_g).round, 1].max
            count = pan ? [(needs / (one * usual_mm / Float(row["thinnest_mm"]))).ceil, 1].max : (needs / one).round
            new(
              say: ingredient.say,
              count: count,
              needs_cm2: needs,
              sheet_cm2: one,
              thickness_mm: [usual_mm * one * count / needs, usual_mm].min,
              thinnest_mm: Float(row["thinnest_mm"]),
              rises: Float(row["rises"]),
              wheat_rises: Float(rows.fetch(row["takes"])["rises"]),
              length_cm: Float(row["length_cm"]),
              width_cm: Float(row["width_cm"])
            )
          end

          # The dish and its rim.   @return [Float] cm2
          def self.over(pan)
            more = 2 * Constants.fetch(:crust, :overlap_cm)
            Kitchen::BakingPan.new(
              shape: pan.shape,
              length_cm: pan.length_cm + more,
              width_cm: pan.width_cm + more
            ).area_cm2
          end

          # How much longer each side is rolled.   @return [Float] 1 where it need not be
          def stretch = Math.sqrt([needs_cm2 / (sheet_cm2 * count), 1.0].max)
          def risen_mm = thickness_mm * rises
          def wheat_risen_mm = thickness_mm * wheat_rises
        end
    end
  end
end
