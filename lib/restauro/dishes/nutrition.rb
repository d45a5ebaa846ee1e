# frozen_string_literal: true

module Restauro
  module Dishes
    # What a swap changes on the plate, by composition: energy, protein, fat and fibre of the wheat dish and of ours,
    # with a band. Never advice.
    # Frying fat that is taken up is not counted, nor a line that is known by name alone.
    #   kcal, protein_g, fat_g, fibre_g Estimate of it all
    Nutrition = Value.of(:kcal, :protein_g, :fat_g, :fibre_g)

    class << Nutrition
      # @param lines [Array<Recipes::Line>]   @return [Nutrition]
      def of(lines, catalogue)
        parts =
          lines
            .select(&:counted?)
            .map { |line| [catalogue.fetch(line.ingredient), line.grams.value] }
        sum = ->(&share) { banded(parts.sum(0.0) { |ingredient, grams| grams * share[ingredient] / 100.0 }) }
        new(
          kcal: sum.call { |i| kcal(i) },
          protein_g: sum.call { |i| i.protein_pct.to_f },
          fat_g: sum.call { |i| i.fat_pct.to_f },
          fibre_g: sum.call { |i| i.fibre_pct.to_f }
        )
      end

      # What could not be counted: known by name, or without a weight.   @return [Array<String>]
      def uncounted(lines) = lines.reject(&:counted?).map { |line| line.text.strip }

      private

      # Atwater's general factors, fibre as the law counts it (EU 1169/2011 Annex XIV).   @return [Float] kcal in 100 g
      def kcal(ingredient)
        carbohydrate = ingredient.starch_pct.to_f + ingredient.sugar_pct.to_f
        {
          protein_kcal: ingredient.protein_pct,
          fat_kcal: ingredient.fat_pct,
          carbohydrate_kcal: carbohydrate,
          fibre_kcal: ingredient.fibre_pct,
          alcohol_kcal: ingredient.alcohol_pct
        }.sum(0.0) { |name, per_cent| Constants.fetch(:nutrition, name) * per_cent.to_f }
      end

      def banded(value) = Estimate.within(value, Constants.fetch(:nutrition, :band_share))
    end
  end
end
