module Restauro
  module Families
    class Breading
      # The steps of a crumb coat: dried pieces, three dishes, pressed, rested, cooked.
      class Method
        WATERY = /aubergine|eggplant|courgette|zucchini|celeriac|squash|tomato|mushroom/i

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [clean, salt, dishes, coat, rest, *cook, serve].compact

        private

        def clean
          Step.new(text: "Set out three clean dishes, a rack, and the packs.",
                   caution: "For a coeliac: packs labelled gluten free, dishes and oil that no wheat has been in, no shared fryer.")
        end

        def salt
          return unless @ours.recipe.ingredients.any? { |line| line.text.match?(WATERY) }

          Step.new(text: "Salt the slices, let them stand, rinse, dry well.", minutes: 25.0, caution: "Wet pieces spit and lose their coat.",
                   look_for: @ours.water_out_g ? "about #{@ours.water_out_g.round} g of water comes out" : "beads of water on top")
        end

        def dishes
          named = @ours.layers.map { |layer| "#{grams(layer)}#{layer.ingredient.say}" }
          count, = @ours.pieces
          Step.new(text: "In the dishes, in this order: #{named.join("; then ")}.#{" For #{count} pieces." if count}", look_for: crumb_from)
        end

        def grams(layer) = @ours.needed(layer)&.then { |g| "#{g.round} g " }.to_s

        def crumb_from
          crumb = @ours.layers.find { |layer| layer.name == "crumb" } or return
          DataFiles.yaml("families/breading/crumbs.yml").dig(crumb.ingredient.key, "from")&.then { |words| "crumbs of your own: #{words}" }
        end

        def coat
          Step.new(text: "One hand for dry, one for wet: dust and shake off, dip and drip, lay in the crumbs and press.",
                   look_for: "#{(1000 * @ours.coat_m).round(1)} mm all over, no bare spots",
                   caution: "Raw egg and raw flour: wash hands, board and dishes.")
        end

        def rest = Step.new(text: "Rest the pieces on a rack so that the coat sticks.", minutes: 10.0,
                            look_for: "the crumbs no longer come off on a finger")
        def cook = @ours.section ? Batter::Cooking.steps(@ours).drop(@ours.options.oil ? 0 : 1) : Batter::Cooking.unplanned
        def serve = Step.new(text: "Salt them hot, on a rack. Toss with sauce at the last moment, do not stir.",
                             caution: "Leftovers: fridge within two hours, 3 to 4 days; reheat to 74 °C.")
      end
    end
  end
end
