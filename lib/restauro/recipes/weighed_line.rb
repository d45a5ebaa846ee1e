module Restauro
  module Recipes
    # A line that a swap writes: grams first, the nearest kitchen measure in brackets.
    module WeighedLine
      module_function

      # @param grams [Float] g   @param units [KitchenUnits, nil] nil for no measure   @return [Line]
      def of(ingredient, grams, role:, part:, units: nil, name: ingredient.say, added: true)
        grams = grams.round(1)
        measure = units && Measure.nearest(ingredient, grams, units)
        text = text(grams, name, measure&.text)
        Line.new(
          text: text,
          warnings: Labels.marks(ingredient, text),
          ingredient: ingredient.key,
          grams: estimate(grams),
          role: role,
          part: part,
          amount_text: measure&.text,
          name_text: name,
          added: added
        )
      end

      # @example text(14.0, "ground flaxseed", "2 tbsp") # => "14 g ground flaxseed (2 tbsp)"
      def text(grams, name, measure) = "#{tenths(grams)} g #{name}#{" (#{measure})" if measure}"
      # @return [String] "12.5", "12"
      def tenths(grams) = format("%.1f", grams).delete_suffix(".0")

      # What a kitchen scale makes of a weight.
      def estimate(grams)
        share = grams.zero? ? 0.0 : Constants.fetch(:uncertainty, :scale_grams) / grams
        Estimate.within(grams, [share, Constants.fetch(:uncertainty, :scale_share)].max.clamp(0.0, 1.0))
      end
    end
  end
end
