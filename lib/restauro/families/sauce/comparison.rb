module Restauro
  module Families
    class Sauce
      # Two or three swaps of one recipe side by side, one of them recommended with the reason in a sentence.
      class Comparison
        # swap Swap · traits Traits · cost Float or nil · score the lower the better · words its name
        Column = Value.of(:swap, :traits, :cost, :score, :words)
        MOST = 3
        # What counts against a swap, in the same coin.
        WEIGHTS =
          {
            minutes: :counts_minute,
            risk: :counts_risk,
            loses: :counts_loss,
            weeps: :counts_weeping,
            opaque: :counts_opaque,
            not_at_hand: :counts_not_at_hand
          }.transform_values { |name| Constants.fetch(:sauce, name) }.freeze

        # @param family [Sauce]
        # @param recipe [Recipes::Recipe]
        # @param options [Options] what is chosen now, the first column
        # @param others [Array<Array(String, Array<String>)>] school and thickeners of the other columns; [] for the
        #   best that the choice offers
        # @param cost [#call] key, grams => price or nil   @param at_hand [Array<String>] keys
        # @param chosen [Swap, nil] the first column, where it is worked out already
        def initialize(family, recipe, options, others: [], chosen: nil, cost: ->(_key, _grams) {}, at_hand: [])
          @family = family
          @recipe = recipe
          @options = options
          @others = others
          @chosen = chosen
          @cost = cost
          @at_hand = at_hand
          freeze
        end

        # @return [Array<Column>] as asked for, first the chosen one
        def columns
          chosen = @chosen || @family.swap(@recipe, @options)
          [chosen, *others(chosen)].first(MOST).map { |swap| column(swap) }
        end

        # @param columns [Array<Column>]   @return [Array(Column, String)] the one to take, and why
        def self.recommend(columns)
          best = columns.min_by(&:score)
          [best, "#{best.words.capitalize}: #{reasons(best, columns - [best]).join(", ")}."]
        end

        # Less than one of them, and no more than any.
        def self.cheapest?(best, others)
          costs = others.map(&:cost)
          [best.cost, *costs].none?(&:nil?) && costs.all? { |cost| cost >= best.cost } && costs.max.to_f > best.cost
        end
        private_class_method :cheapest?

        # @return [Array<String>] in what the best is better than the others
        def self.reasons(best, others)
          keeps = Constants.fetch(:sauce, :keeps_share)
          found = [
            (
              if best.traits.risks.empty? && others.any? { |column| column.traits.risks.any? }
                "nothing is likely to go wrong with it"
              end
            ),
            (
              if best.traits.holds > keeps && others.any? { |column| column.traits.holds <= keeps }
                "it keeps its body on the hob"
              end
            ),
            (
              if best.traits.freezes == "holds" && others.any? { |column| column.traits.freezes != "holds" }
                "it can be frozen"
              end
            ),
            ("it is the quickest" if others.all? { |column| column.traits.minutes >= best.traits.minutes + 1 }),
            ("it costs least" if cheapest?(best, others))
          ].compact
          found.empty? ? ["all of them reach the same texture; it has the fewest drawbacks"] : found
        end

        private

        # The other way of working with the same thickener, and the best of the other thickeners, whichever work.
        def others(chosen)
          wanted = @others.any? ? @others : usual(chosen)
          wanted.lazy.filter_map { |school, with| try(school, with) }.first(MOST - 1)
        end

        def usual(chosen)
          other_way = chosen.school == "roux" ? "slurry" : "roux"
          keys = chosen.alternatives.map(&:keys)
          [
            *keys.first(1).map { |with| [chosen.school, with] },
            *keys.drop(1).map { |with| [other_way, with] },
            [other_way, @options.with]
          ]
        end

        def try(school, with)
          @family.swap(@recipe, @options.with_choices(school: school, with: with, pour: nil))
        rescue InvalidInput
          nil
        end

        def column(swap)
          traits = Traits.of(swap)
          prices = swap.thickeners.map { |line| @cost.call(line.ingredient, line.grams.value) }
          Column.new(
            swap: swap,
            traits: traits,
            cost: (prices.sum if prices.any? && prices.none?(&:nil?)),
            score: score(swap, traits),
            words: words(swap)
          )
        end

        def score(swap, traits)
          away = swap.thickeners.count { |line| @at_hand.any? && !@at_hand.include?(line.ingredient) }
          {
            minutes: traits.minutes,
            risk: traits.risks.length,
            loses: [1 - traits.holds, 0].max,
            weeps: traits.freezes == "weeps" ? 1 : 0,
            opaque: traits.gloss == "opaque" ? 1 : 0,
            not_at_hand: away
          }.sum { |drawback, amount| WEIGHTS.fetch(drawback) * amount }
        end

        def words(swap)
          return "boiled down" if swap.thickeners.empty?

          "#{swap.thickeners.map { |line| @family.catalogue.fetch(line.ingredient).say }.join(" and ")}, #{swap.school}"
        end
      end
    end
  end
end
