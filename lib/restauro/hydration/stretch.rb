module Restauro
  module Hydration
    # What gluten did for a dough, done by what it holds.
    #   stretch = min(1.2, sum(dose_i/full_i)), dose in % of the flour; wheat flour brings 1, the gum inside a blend
    #   counts
    module Stretch
      BINDERS = %w[psyllium_husk psyllium_powder xanthan_gum guar_gum flax_meal].freeze

      module_function

      # @param parts [Array<Array(Ingredient, Float)>] ingredient and grams
      # @return [Float] 0 to 1.2; 0 where there is no flour
      def of(parts)
        flour = flour_g(parts)
        if flour.zero?
          0.0
        else
          [parts.sum { |ingredient, grams| per_share(ingredient) * grams } / flour, constant(:most)].min
        end
      end

      # Of binders and gums alone, not of eggs or mash: what holds gas in a batter.
      def of_binders(parts) =
        of(parts.select { |ingredient, _| ingredient.starchy? || BINDERS.include?(ingredient.key) })

      # @return [Float] g of flour, starch, meal and blend
      def flour_g(parts) = parts.sum(0.0) { |ingredient, grams| ingredient.starchy? ? grams : 0.0 }

      # Stretch of a dose as heavy as the flour.   @return [Float]
      def per_share(ingredient)
        return constant(:wheat) if ingredient.contains_gluten? && ingredient.starchy?

        full = Constants.table(:stretch)[:"full_#{ingredient.key}"]
        ingredient.stretch_factor * (full ? 100 / full.value : ingredient.gum_pct.to_f / constant(:full_xanthan_gum))
      end

      # Grams of a binder that bring so much stretch to so much flour.
      def grams_for(ingredient, stretch, flour_g) = stretch * flour_g / per_share(ingredient)

      # What a shape needs.
      # @param shape [String] rolled, filled, extruded, dumpling or round
      # @param thickness_mm [Float] of a sheet
      def needed(shape, thickness_mm)
        return constant(:"need_#{shape}") unless %w[rolled sheets].include?(shape)

        thin, thick = constant(:thin_mm), constant(:thick_mm)
        share = ((thickness_mm - thin) / (thick - thin)).clamp(0.0, 1.0)
        constant(:need_thin) - share * (constant(:need_thin) - constant(:need_thick))
      end

      # The thinnest sheet that a stretch bears.   @return [Float, nil] mm; nil where it bears none
      def thinnest_mm(stretch)
        thin, thick = constant(:need_thin), constant(:need_thick)
        return if stretch < thick - TINY
        return Constants.fetch(:boil, :law_least_mm) if stretch >= thin - TINY

        constant(:thick_mm) - (stretch - thick) / (thin - thick) * (constant(:thick_mm) - constant(:thin_mm))
      end

      # @return [Float] of data/constants/stretch.yml
      def constant(name) = Constants.fetch(:stretch, name)

      TINY = 1e-6
    end
  end
end
