# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # The lines of our coat by the dish they stand in: dusting, wet, crumbs; what is coated, and what it is fried in.
      class Lines
        include Mixture

        DUST = %w[flour starch thickener lift].freeze
        WET = %w[egg liquid binder puree].freeze
        BUTTERED, BESIDE, HOLLOW, STUFFS =
          DataFiles.words("families/breading/words.yml").values_at(:buttered, :beside, :hollow, :stuffs)
        CRUMB = %w[crumb cheese].freeze
        WHOLE = %w[poultry quick_meat fish].freeze

        attr_reader :companions

        def initialize(swap, catalogue)
          @ours = swap.ours
          @all = @ours.recipe.ingredients
          @bound = swap.ours.bound?
          @blitzed = Mixture.blitzed?(swap.ours.recipe)
          @meals = @all.select { |line| catalogue.find_key(line.ingredient)&.group == "meal" }
          @title = swap.ours.recipe.title.to_s
          @pinned = Pinned.of(swap.ours.recipe)
          @squeezed = SqueezedOver.of(swap.ours.recipe)
          @sandwich = Batter::Dipped.sandwich?(swap.ours.recipe)
          @crumb = swap.ours.layers.find { |layer| layer.name == "crumb" }&.ingredient
          @companions = Companions.new(@all.select { |line| line.role == "other" } - wrapped, catalogue)
          freeze
        end

        # Seasoning goes with the first dry dish, or into the cakes.
        # @return [Array<Array<Recipes::Line>>] one list for each dish
        def dishes
          meal = coarse + behind_the_egg
          dust, wet, crumb = of(DUST) - meal - mixture, of(WET) - mixture - inside - soak - squeezed, meal + crumbs
          dust, crumb = dust + crumb, [] if @ours.meal_in_flour?
          first = dust.any? ? dust : crumb
          first.concat(of(%w[seasoning acid]) - seasoned) unless cakes?
          (egg_first? ? [wet, dust, crumb] : [dust, wet, crumb]).reject(&:empty?)
        end

        # Salt and spices for the pieces themselves: rubbed on, or to salt slices with.   @return [Array<Recipes::Line>]
        def seasoned
          whole = cakes? || wrapped.any? || sandwich? || coated.empty?
          whole ? [] : Seasoned.on_the_pieces(@all)
        end

        # What the pieces lie in before they are dredged.
        def soak = soaked? ? of(WET) - @squeezed + steeped : []
        # Dusted, dipped in what has egg in it, and pressed into the flour again.
        def floured_again? = @ours.dredged? && !egg_first? && of(%w[egg]).any? && !Bath.lies_in?(@ours.recipe)
        # Dipped, and pressed into the flour.
        def egg_first? = @ours.egg_first?
        # @return [Array<Recipes::Line>] what the coat goes around
        def coated
          return bread + (@companions.lines - bread) + of(%w[cheese]) if sandwich?

          return around + wrapped if around.any?

          (@companions.lines - steeped - table - finishing - mixture - butter) | inside | pinned
        end
        # What lies around eggs, with its leaves.   @return [Array<Recipes::Line>]
        def around = wrapped.any? ? @companions.lines - table : []
        # @return [Array<Recipes::Line>] what only goes beside it
        def table
          served = @companions.at("table") - (sandwich? ? bread : [])
          served + beside + squeezed + (crumbed? || @bound ? [] : herbs)
        end
        # @return [Array<Recipes::Line>] what it is fried in
        def pan_fat = @all.select { |line| line.role == "fat" } - butter - mixture
        # A coat stands in no tin.
        def in_tin = []

        # Bread with something between it.
        def sandwich? = @sandwich
        # @return [Array<Recipes::Line>] whole eggs inside
        def wrapped = WrappedEggs.of(@all, @title)
        # Cheese that melts goes in the middle, hard cheese into the crumbs.
        def inside
          return wrapped if bound?

          melting = of(%w[cheese]).reject { |line| line.ingredient == "hard_cheese" }
          melting - binding - soft_in + wrapped
        end

        # In a pocket of meat or fish that comes whole: cheese, ham, butter with garlic.   @return [Array<Recipes::Line>]
        def stuffing
          return pinned if pinned.any?
          return [] if wrapped.any? || mixture.any? || !(hollow? || coated.any? { |line| WHOLE.include?(line.kind) })

          butter +
            coated.select { |line| line.role == "cheese" || line.kind == "ready_meat" || line.text.match?(STUFFS) }
        end

        # @return [Array<Recipes::Line>] ham and leaves that lie on the meat
        def pinned = @all & @pinned

        # Vegetables that are filled before they are coated.
        def hollow? = @title.match?(HOLLOW)

        private

        def soaked? = @ours.dredged? && !floured_again? && !egg_first?
        # Garlic and ginger that something lies in.
        def steeped
          found = @companions.lines.select { |line| line.text.match?(CompanionStarts::SCORCHES) }
          soaked? && of(WET).any? && found.length < @companions.lines.length ? found : []
        end

        # What melts in the middle of a Kiev: butter, and the garlic and leaves in it.
        def butter
          return [] unless @title.match?(BUTTERED) && of(%w[fat]).any?(&:grams)

          @all.select { |line| line.role == "fat" && line.grams } +
            @companions.lines.select { |line| line.kind == "herb" || line.text.match?(CompanionStarts::SCORCHES) }
        end

        def soft_in = mixture & soft_cheese
        def crumbs = of(CRUMB) + (crumbed? ? finishing : finishing - herbs) - mixture - inside - around
        # Leaves stay on crumbs; flour alone lets go of them.
        def crumbed? = of(%w[crumb]).any? || coarse.any? || wrapped.any?
        def herbs = finishing.select { |line| line.kind == "herb" }
        # Meal that is pressed on last, where there are no crumbs.
        def coarse = @crumb&.group == "meal" ? of(DUST).select { |line| line.ingredient == @crumb.key } : []
        # Meal that stands among the crumbs, behind flour and egg.
        def behind_the_egg
          egg = @all.index { |line| line.role == "egg" }
          return [] unless egg && of(%w[crumb]).any? && @all.first(egg).any? { |line| DUST.include?(line.role) }

          (@all.drop(egg) & @meals) - coarse
        end

        def bread = @all.select { |line| line.ingredient == "gf_bread" }
        # Herbs and seeds in the crumbs.
        def finishing =
          (@companions.at("finish") - beside - butter - pinned).select { |line| %w[herb late].include?(line.kind) }
        # Mayonnaise in cakes binds them, but behind their buns; else it is eaten with what is coated.
        def beside
          late = @companions.at("finish").select { |line| line.kind == "late" && line.text.match?(BESIDE) }
          cakes? ? late & @all.drop_while { |line| !bread.include?(line) } : late
        end
        def squeezed = @all & @squeezed
        def of(roles) = @all.select { |line| roles.include?(line.role) }
      end
    end
  end
end
