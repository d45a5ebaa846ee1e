module Restauro
  module Families
    class Breading
      # The layers of a crumb coat, from the piece out.
      module Layers
        # name dust, wet or crumb · ingredient Ingredient · kg_m2 · mm thick · water_kg_m2
        Layer = Value.of(:name, :ingredient, :kg_m2, :mm, :water_kg_m2) do
          def to_h = {name: name, say: ingredient.say, kg_m2: kg_m2, mm: mm}
        end

        module_function

        # What was soaked comes out wet, and takes up much more flour than what is dry.
        # @param dust, wet [Ingredient]
        # @return [Array<Layer>]
        def dredged(dust:, wet:) =
          [by_weight("wet", wet, figure(:soaked_kg_m2)), by_weight("dust", dust, figure(:dredged_kg_m2))]

        # @param dust, wet, crumb [Ingredient, nil]
        # @param crumb_mm [Float] how thick the crumbs lie
        # @return [Array<Layer>]
        def of(dust:, wet:, crumb:, crumb_mm: figure(:crumb_mm))
          [
            dust && by_weight("dust", dust, figure(:dust_kg_m2)),
            wet && by_weight("wet", wet, figure(:wet_kg_m2)),
            crumb && by_thickness("crumb", crumb, crumb_mm)
          ].compact
        end

        # @param kg_m2 [Float] what stays on   @return [Layer]
        def by_weight(name, ingredient, kg_m2)
          layer(name, ingredient, kg_m2, kg_m2 / density(ingredient))
        end

        # Crumbs lie as thick as they are coarse, as heavy as a spooned cup of them.
        def by_thickness(name, ingredient, millimetres) =
          layer(name, ingredient, millimetres * density(ingredient), millimetres)

        # @param millimetres [Float]   @return [Layer] with the water in it
        def layer(name, ingredient, kg_m2, millimetres)
          Layer.new(
            name: name,
            ingredient: ingredient,
            kg_m2: kg_m2,
            mm: millimetres,
            water_kg_m2: kg_m2 * ingredient.water_pct / 100
          )
        end

        # kg/m2 for each millimetre.
        def density(ingredient) = ingredient.density || 1.0
        # @return [Float] of data/constants/breading.yml
        def figure(name) = Constants.fetch(:breading, name)
      end
    end
  end
end
