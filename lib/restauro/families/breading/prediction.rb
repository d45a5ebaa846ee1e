module Restauro
  module Families
    class Breading
      # What a crumb coat will be: its layers, how much of each so many pieces take, and how it cooks.
      class Prediction
        attr_reader :recipe, :options, :layers, :section

        def initialize(recipe, catalogue, options)
          @recipe = recipe
          @options = options
          @catalogue = catalogue
          @layers = Layers.of(dust: dust, wet: wet, crumb: crumb).freeze
          @section = cook
          freeze
        end

        def coat_m = layers.empty? ? nil : layers.sum(&:mm) / 1000
        def coat_kg_m2 = layers.sum(&:kg_m2)
        def coat_water_kg_m2 = layers.empty? ? nil : layers.sum(&:water_kg_m2)

        # How many pieces the food in the recipe makes, and their surface.   @return [Array(Integer, Float), nil] count and m2
        def pieces
          piece = options.piece or return
          grams, area = piece.size(length_mm: Layers.figure(:slice_length_mm), width_mm: Layers.figure(:slice_width_mm))
          count = [(food_g / grams).round, 1].max if food_g
          count && [count, count * area]
        end

        # Grams of a layer for all the pieces, what stays in the dish counted in.   @return [Float, nil]
        def needed(layer)
          _, area = pieces
          area && 1000 * layer.kg_m2 * area * (1 + Layers.figure(:loss_share))
        end

        # What is coated: the heaviest thing that is no coat.   @return [Float, nil] g
        def food_g
          recipe.ingredients.select { |line| line.role == "other" && line.grams }.map { |line| line.grams.value }.max
        end

        def water_out_g = food_g && food_g * Layers.figure(:salted_water_share)

        def warnings = recipe.warnings + (layers.empty? ? [no_coat] : []) + Batter::Cautions.heat(self)

        private

        def first(&block) = recipe.ingredients.select(&:ingredient).map { |line| @catalogue.fetch(line.ingredient) }.find(&block)
        def crumb = first { |i| i.group == "crumb" } || first { |i| i.group == "meal" }
        def dust = first { |i| %w[flour starch blend].include?(i.group) }

        # Everything that is wet or binds, stirred together.
        def wet
          parts = recipe.ingredients.select { |line| line.counted? && %w[egg liquid binder].include?(line.role) }
                        .map { |line| [@catalogue.fetch(line.ingredient), line.grams.value] }
          return parts.dig(0, 0) if parts.length < 2

          Blends::Mixed.ingredient(parts, key: "wet", name: parts.map { |ingredient, _| ingredient.say }.join(" and "))
        end

        def no_coat
          Warning.new(code: :no_coat, text: "no coat was read: type lines such as '2 tbsp flour', '1 egg', '80 g breadcrumbs'")
        end

        def cook
          around = options.around
          return unless options.piece && around && coat_m

          Heat::Section.cook(options.piece, around, coat_m: coat_m, coat_water_kg_m2: coat_water_kg_m2, coat_dry_kg_m2: coat_kg_m2 - coat_water_kg_m2)
        end
      end
    end
  end
end
