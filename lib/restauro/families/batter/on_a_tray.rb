# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # The steps of a coat that is baked in an oven, or in the basket of a small one.
      #   Needs @options, @dips, @lines, section, minutes, half, what, looks and safety.
      module OnATray
        private

        def baked
          oven = @options.oven
          laying = "#{@dips ? "Dry #{what}, dip, drip; lay" : "Lay"} them #{laid(oven)}."
          [preheat(oven), Step.new(kind: "shape", text: laying, uses: [*@lines.coated, *@lines.pan_fat]),
           Step.new(kind: "bake", text: "Bake at #{oven.say}; turn at half time.#{pale}", minutes: half(baked_minutes),
                    celsius: oven.celsius, look_for: [looks, beside_the_recipe].compact.join("; "), safety: safety,
                    caution: "Go by the middle: an oven can be out by a good part of the time.")]
        end

        # The recipe's own, where its middle is done by then.
        def baked_minutes = [@options.bake_minutes, minutes].compact.max

        def beside_the_recipe
          told = @options.bake_minutes or return
          "the recipe says #{told.round} min, reckoned are #{minutes.round}" if minutes && (told - minutes).abs >= 1
        end

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
          return if section.brown && section.brown <= 2 * minutes.to_f

          " At this heat it turns done and soft-crisp, hardly golden: a hotter oven browns it."
        end
      end
    end
  end
end
