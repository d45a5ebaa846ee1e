# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Cakes, patties and balls that are only rolled in flour: crumbs and egg are in them, and no flour is.
      module DustedCakes
        WORDS, MINCE, BALLS, FLAT =
          DataFiles.words("dishes/words.yml").values_at(:to_dredge, :mince, :bound, :bound_flat)
        DREDGES, COATS, MIXES =
          DataFiles.words("families/breading/words.yml").values_at(:dredges, :coats_cakes, :mixed_with_flour)
        MIXED = %w[other puree cheese].freeze
        private_constant :WORDS, :MINCE, :BALLS, :FLAT, :DREDGES, :COATS, :MIXES, :MIXED

        module_function

        # @param recipe [Recipes::Recipe]
        def of?(recipe)
          lines, steps = recipe.ingredients, recipe.steps.map(&:text)
          flours = lines.select { |line| Lines::DUST.include?(line.role) }
          Bound.titled?(recipe.title.to_s) && flours.any? && flours.all? { |line| dusts?(line, steps) } &&
            lines.any? { |line| mass?(line) } && steps.none? { |text| crumbed?(text) }
        end

        # Rolled into balls, by the name of the dish.   @param title [String]
        def balls?(title) = title.match?(BALLS) && !title.match?(FLAT)

        # As thick as so many of them are; of a walnut's weight where nobody counts them.
        # @param recipe [Recipes::Recipe]   @param count [Integer, nil]   @return [Heat::Piece, nil]
        def ball(recipe, count, catalogue)
          return unless balls?(recipe.title.to_s) && of?(recipe)

          grams = recipe.ingredients.sum { |line| MIXED.include?(line.role) ? line.grams&.value.to_f : 0.0 }
          each = count ? grams / count : Constants.fetch(:breading, :walnut_g)
          volume = each / Constants.fetch(:breading, :wrapped_density)
          Heat::Piece.parse("patty ball #{(10 * Math.cbrt(6 * volume / Math::PI)).round} mm", catalogue)
        end

        # Said on its line, or of no amount, or by the only step that speaks of it.
        # @param line [Recipes::Line]   @param steps [Array<String>]
        def dusts?(line, steps)
          return true if line.own_text.match?(WORDS)

          steps.any? { |text| text.match?(DREDGES) } && steps.none? { |text| text.match?(MIXES) }
        end

        def mass?(line) = line.role == "puree" || line.kind == "fish" || line.text.match?(MINCE)
        # In egg, or in crumbs.
        def crumbed?(text) = text.match?(COATS)
        private_class_method :mass?, :crumbed?
      end
    end
  end
end
