# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # How much a batter is raised: by its flour, never by its water. Half as much powder again as wheat's, since
      # nothing holds the gas as gluten did, but never more than tastes of it; bicarbonate for the acid there is. Common
      # practice.
      class Leavening
        # @param wheat [Prediction]
        def initialize(catalogue, wheat)
          @catalogue = catalogue
          @wheat = wheat
          freeze
        end

        # Powder and bicarbonate to 100 g of our flour.   @param draft [Draft]   @return [Draft]
        def raise(draft)
          flour = Lift::Gas.flour(draft.weights)
          draft = with(draft, "baking_powder", powder_share * flour / 100)
          with(
            draft,
            "bicarbonate",
            [own("bicarbonate") * flour / 100, figure(:most_bicarbonate) * flour / 100, for_the_acid(draft)].min
          )
        end

        # Where the recipe has more than may be, what was cut.   @return [Array<Warning>]
        def cut
          found = {"baking_powder" => :most_powder, "bicarbonate" => :most_bicarbonate}.select do |key, most|
            own(key) > figure(most) + 0.1
          end
          found.map do |key, most|
            Warning.new(
              code: :lift_cut,
              text:
                "the recipe has #{own(key).round(1)} g of #{@catalogue.fetch(key).say} to 100 g of flour, which tastes of it: " \
                  "cut to #{figure(most)} g#{"; whip the egg whites for more lift" if @wheat.egg?}"
            )
          end
        end

        private

        def figure(name) = Constants.fetch(:lift, name)
        def flour_g = Lift::Gas.flour(@wheat.weights)
        # Grams to 100 g of wheat's flour.
        def own(key) =
          flour_g.zero? ? 0.0 : 100 * @wheat.weights.sum { |ingredient, g| ingredient.key == key ? g : 0.0 } / flour_g

        # With no acid at all it is what the recipe wants of it: brown and tender.   @return [Float] g
        def for_the_acid(draft)
          moles = Lift::Gas.acid_moles(draft.weights)
          moles.zero? ? Float::INFINITY : Lift::Gas.bicarbonate_for(moles)
        end

        def powder_share
          own = own("baking_powder")
          return @wheat.style == "pudding" && own("bicarbonate").zero? ? figure(:pudding_powder) : 0.0 if own.zero?

          [figure(:most_powder), [own, [2 * own, figure(:enough_powder)].min].max].min
        end

        def with(draft, key, grams)
          grams = grams.round(1)
          lines = draft.lines.select { |candidate| candidate.ingredient == key && candidate.counted? }
          # Self-raising flour brought some, the cook more: it all stands in the cook's own line.
          line = lines.find(&:amount_text) || lines.first
          return draft.without(lines - [line]).weigh(line, grams) if line

          grams < 0.1 ? draft : draft.add(@catalogue.fetch(key), grams, "lift")
        end
      end
    end
  end
end
