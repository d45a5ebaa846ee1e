module Restauro
  module Blends
    # Several ingredients mixed dry, as one ingredient: every figure weighed by its parts.
    module Mixed
      PASTING = %i[paste_onset_c paste_full_c paste_tau_s boil_breakdown_per_min setback].freeze

      module_function

      # @param parts [Array<Array(Ingredient, Float)>] ingredient and grams   @return [Ingredient]
      def ingredient(parts, key:, name:)
        row = Ingredient::FIGURES.to_h { |figure| [figure.to_s, mean(parts, figure)] }.compact
        row["gum_pct"] = gum_pct(parts)
        row.transform_values! { |value| value.round(4).to_s }
        row.merge!(
          "key" => key,
          "name" => name,
          "group" => "blend",
          "gluten" => worst_gluten(parts),
          "note" => note(parts),
          "allergens" => parts.flat_map { |part, _| part.allergens }.uniq.join("; ")
        )
        Ingredient.new(row, say: name, sources: {default: :restauro_model})
      end

      # By weight; how grains paste is weighed by what they thicken.
      def mean(parts, figure)
        pasting = PASTING.include?(figure)
        known = parts.select { |part, _| part.public_send(figure) && !(pasting && part.swells_cold?) }
        weights = known.map { |part, grams| pasting ? grams * part.thick_power : grams }
        return if weights.sum.zero?

        known.zip(weights).sum { |(part, _), weight| part.public_send(figure) * weight } / weights.sum
      end

      # @param parts [Array<Array(Ingredient, Float)>]   @return [Float] % of gum in the mix
      def gum_pct(parts)
        gum = parts.sum { |part, grams| part.key == "xanthan_gum" ? grams : grams * part.gum_pct.to_f / 100 }
        100 * gum / parts.sum(&:last)
      end

      # @return [String] the finding of the part that is worst
      def worst_gluten(parts) =
        %w[contains check certified_only free].find { |kind| parts.any? { |part, _| part.gluten == kind } }
      # @return [String] what is in it, in whole grams
      def note(parts) = "mixed: #{parts.map { |part, grams| "#{grams.round} g #{part.say}" }.join(", ")}"
    end
  end
end
