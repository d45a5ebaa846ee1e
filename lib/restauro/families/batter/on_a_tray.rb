# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # The steps of a coat that is baked in an oven, or in the basket of a small one.
      #   Needs @options, @dips, @fried_first, @lines, section, minutes, half, what, looks and safety.
      module OnATray
        FRIED_FIRST = DataFiles.words("families/breading/words.yml").fetch(:fried_first)

        # "Fry until golden, then bake."   @param recipe [Recipes::Recipe] as it was told   @return [Boolean]
        def self.fried_first?(recipe) = recipe.steps.any? { |line| line.text.match?(FRIED_FIRST) }

        private

        def baked
          oven = @options.oven
          [preheat(oven), *(gilded if @fried_first), lay(oven),
           Step.new(kind: "bake", text: "Bake at #{oven.say}; turn at half time.#{pale}", minutes: half(baked_minutes),
                    celsius: oven.celsius, safety: safety,
                    look_for: [looks, beside_the_recipe(@options.bake_minutes)].compact.join("; "),
                    caution: "Go by the middle: an oven can be out by a good part of the time.")]
        end

        # Golden in the fat; the oven has the rest to do.
        def gilded
          frying = Heat::Frying.usual(:shallow, @ours.recipe.ingredients)
          [Fat.new(frying, nil, nil).heat(uses: @lines.pan_fat),
           Step.new(kind: "fry", text: "#{into_fat}Fry them golden in one layer, half the minutes on each side.",
                    uses: @lines.coated + dust, celsius: frying.celsius,
                    minutes: Constants.fetch(:heat, :gilding_minutes),
                    look_for: "golden, the middle still raw: the oven does the rest")]
        end

        def lay(oven)
          laying = @dips && !@fried_first ? "Dry #{what}, #{dusted}dip, drip; lay" : "Lay"
          Step.new(kind: "shape", text: "#{laying} them #{laid(oven)}#{buttered}.",
                   uses: @fried_first ? [] : [*@lines.coated, *dust, *@lines.pan_fat])
        end

        # What there is to brush them with.
        def buttered
          fat = @fried_first ? [] : @lines.pan_fat.select(&:grams)
          ", #{list(fat)} over them" if fat.any?
        end

        # The recipe's own, where its middle is done by then.
        # What a few minutes in fat did for the middle is not taken off; golden it is by then.
        def baked_minutes = [@options.bake_minutes, oven_minutes].compact.max
        def oven_minutes = @fried_first && section.done ? section.done : minutes

        # @param told [Float, nil]   @return [String, nil] where the reckoning differs
        def beside_the_recipe(told) = BesideTheRecipe.words(told, @options.oven ? oven_minutes : minutes)

        def preheat(oven)
          words = oven.basket ? "Heat the basket: #{oven.say}." : "Heat the oven to #{oven.say}."
          minutes = oven.basket ? %i[heat basket_preheat_minutes] : %i[crust preheat_minutes]
          Step.new(kind: "preheat", text: words, minutes: Constants.fetch(*minutes), celsius: oven.celsius)
        end

        def laid(oven)
          oven.basket ? "in one layer in the oiled basket, oil sprayed or brushed over them" :
                        "on an oiled rack or tray with room between"
        end

        # What a slow oven will not do, and what a hotter one would.
        def pale
          return if @fried_first || (section.brown && section.brown <= 2 * minutes.to_f)

          " At this heat it turns done and soft-crisp, hardly golden: a hotter oven browns it."
        end
      end
    end
  end
end
