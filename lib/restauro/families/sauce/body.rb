module Restauro
  module Families
    class Sauce
      # Flour-equivalents that one thing in the pan gives: e = 100 g power share / liquid, with gums and eggs by their
      # own laws.
      module Body
        EGG_POWERS = {"egg_yolk" => :egg_yolk_power, "egg_whole" => :egg_whole_power}.freeze
        GUM = "xanthan_gum"

        module_function

        def counts?(part)
          return false if part.line && part.line.role == "other"

          ingredient = part.ingredient
          ingredient.thick_power.positive? || ingredient.key == GUM || EGG_POWERS.key?(ingredient.key)
        end

        # @param grams [Float] g
        # @param share [Float] swollen and intact, 0 to 1
        # @param liquid_g [Float] g
        # @param celsius [Float] C
        # @param power [Float] share of its power that browning leaves
        # @return [Float] g/100 g
        def flour_equivalents(ingredient, grams:, share:, liquid_g:, celsius:, power: 1.0)
          return gum(100 * grams * share / liquid_g) if ingredient.key == GUM
          return 100 * egg_power(ingredient, celsius) * grams * share / liquid_g if EGG_POWERS.key?(ingredient.key)

          100 * grams * ingredient.thick_power * power * share / liquid_g
        end

        # How far off the power of this kind of ingredient may be, as a share.
        def power_share(ingredient)
          return ingredient.power_share if ingredient.power_share

          kind = ingredient.key == "wheat_flour" ? :power_wheat : :"power_#{ingredient.group}"
          Constants.table(:uncertainty).fetch(kind) { Constants.entry(:uncertainty, :power_other) }.value
        end

        # @param grams_per_100g [Float] of xanthan   @return [Float] flour-equivalents, g/100 g
        def gum(grams_per_100g)
          Constants.fetch(:starch, :xanthan_coefficient) * grams_per_100g**Constants.fetch(:starch, :xanthan_exponent)
        end

        # @param celsius [Float]   @return [Float] flour-equivalents of a gram of egg at that heat
        def egg_power(ingredient, celsius)
          set =
            1 +
            Math.exp(
              -(celsius - Constants.fetch(:starch, :egg_set_celsius)) / Constants.fetch(:starch, :egg_set_width)
            )
          Constants.fetch(:starch, EGG_POWERS.fetch(ingredient.key)) / set
        end
      end
    end
  end
end
