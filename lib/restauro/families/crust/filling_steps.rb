module Restauro
  module Families
    class Crust
      # The steps of a filling: cooked as a sauce, or what goes into it.
      class FillingSteps
        include Words

        def initialize(swap, catalogue)
          @swap = swap
          @filling = swap.ours.filling
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps
          sauce = @swap.filling&.sauce
          return cooked(sauce) if sauce

          added = @swap.filling&.added or return []
          return [set_with_starch(added)] if @filling.eggless?

          [Step.new(text: "Filling: stir #{grams(added)} into the sugar, then toss with the fruit.", look_for: "no dry starch to be seen")]
        end

        private

        def cooked(sauce)
          rest = sauce.ours.recipe.ingredients.select { |line| line.role == "other" && line.grams && !fruit?(line) }
          stove = Sauce::Method.new(sauce, @catalogue).way.map { |step| Step.new(**step.to_h.merge(text: "Filling: #{step.text}")) }
          rest.empty? ? stove : [*stove, Step.new(text: "Filling: stir in the rest, cooked: #{rest.map(&:text).join(", ")}.")]
        end

        def fruit?(line) = line.ingredient && @catalogue.fetch(line.ingredient).group == "fruit"

        def set_with_starch(added)
          Step.new(text: "Filling: whisk #{grams(added)} into a little of the cold liquid, bring the rest to the boil, stir it in, boil one minute.",
                   minutes: 1.0, look_for: "a drawn line stays; it sets as it cools", caution: "No egg sets it: it must boil before it goes in.")
        end
      end
    end
  end
end
