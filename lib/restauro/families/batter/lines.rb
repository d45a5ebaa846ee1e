# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # The lines of our batter by what is done with them, each in one place: nothing is left over.
      class Lines
        include CookedThere
        include Dipped

        TASTES = %w[late herb].freeze
        DRY_ROLES = %w[flour starch thickener binder lift seasoning crumb].freeze
        WET_ROLES = %w[egg liquid fat puree acid].freeze
        WRUNG, OF_GRATED, GRATED, SMALL, SPRIG =
          DataFiles.words("families/batter/words.yml").values_at(:squeezed_dry, :of_grated, :grated, :small, :sprig)
        RAW, ALL_RAW, BY_NATURE =
          DataFiles.words("families/batter/words.yml").values_at(:raw_in_batter, :all_raw, :grated_by_nature)

        attr_reader :companions

        def initialize(swap, catalogue)
          @catalogue = catalogue
          @ours = swap.ours
          @liquid = swap.liquid
          @told = swap.wheat.recipe
          @all = @ours.recipe.ingredients
          @companions = Companions.new(@all.select { |line| companion?(line) }, catalogue)
          freeze
        end

        # @return [Array<Recipes::Line>] what is whisked together dry
        def dry =
          @all.select { |line| (DRY_ROLES.include?(line.role) && !line.yeast?) || sugar?(line, runny: false) } +
            (coating? ? [] : @all.select(&:dusted_on?))
        # Woken in the liquid first.
        def yeast = @all.select(&:yeast?)
        # In with the liquid.
        def wet = @all.select { |line| poured?(line) || sugar?(line, runny: true) } - pan_fat
        # From the fridge.
        def cold = @all.select { |line| line.role == "egg" || group(line) == "liquid" }
        def gum? = @all.any? { |line| %w[xanthan_gum guar_gum].include?(line.ingredient) }

        # Fat for the tin or the pan, not for the batter.
        def pan_fat
          fats = @all.select { |line| line.role == "fat" }
          fats.select { |line| line.to_fry_in? || @ours.style == "pudding" || (coating? && frying_fat?(line)) }
        end

        # What pieces are turned in before they are dipped.
        def dust = coating? ? @all.select(&:dusted_on?) : []

        # @return [Array<Recipes::Line>] what is stirred in at the end
        def folded
          coating? ? @companions.at("finish").select { |line| line.kind == "herb" } : inside - in_tin - laid_on
        end
        # Under a batter that is poured: browned sausages in a hot tin, fruit in its dish.
        def in_tin
          return @ours.style == "baked" ? fruit : [] unless @ours.style == "pudding"

          @companions.lines - @companions.at("table") - flavours + fruit
        end
        # Vanilla, zest and chopped herbs are in the batter, whatever lies under it.
        def flavours =
          (@companions.lines - @companions.at("table")).select { |l| TASTES.include?(l.kind) && !l.text.match?(SPRIG) }
        # What only goes beside it.
        def table = @companions.at("table") - (sandwich? ? bread : []) + beside

        # What is folded in or lies in the tin is cooked first where it is raw; what is dipped cooks in its coat.
        def early_steps
          inner = Companions.new(@companions.lines - coated - raw_in - roasted.keys - laid_on_raw, @catalogue)
          [*inner.early_steps, *parboiled]
        end

        # Grated raw into a fritter.   @return [Array<Recipes::Line>]
        def squeezed
          return [] unless fritter?

          named = @ours.recipe.title.to_s.match?(OF_GRATED)
          folded.select do |line|
            line.text.match?(WRUNG) && !line.text.match?(Companions::READY) &&
              (named || line.text.match?(Regexp.union(GRATED, BY_NATURE)))
          end
        end

        # Cut small, an onion cooks in a fritter's batter, chilli and garlic always do; green onions cook in anything.
        # @return [Array<Recipes::Line>]
        def raw_in
          soft = @companions.at("soften")
          return soft if @ours.recipe.title.to_s.match?(Regexp.union(ALL_RAW, OF_GRATED))

          soft.select { |line| line.text.match?(fritter? ? Regexp.union(SMALL, RAW, BY_NATURE, Companions::SCORCHES) : RAW) }
        end

        private

        # Shredded cabbage beside fish in its batter: nobody dips that.
        def beside
          return [] unless coating?

          small = @companions.at("simmer").select { |line| line.text.match?(Style::CUT_SMALL) }
          small += @companions.at("finish").select { |line| line.text.match?(Breading::Lines::BESIDE) }
          small.length < (@companions.lines - @companions.at("table")).length ? small : []
        end

        # A root, a cauliflower that is stirred in raw would stay hard.
        def parboiled
          hard = fritter? ? (folded - squeezed).select { |line| line.role == "other" && hard?(line) } : []
          return [] if hard.empty?

          [
            Step.new(
              kind: "boil",
              text:
                "Cut #{Companions.named(hard, @catalogue)} small; boil in salted water " \
                  "until a knife goes in, drain and dry well.",
              minutes: Constants.fetch(:batter, :parboil_minutes),
              uses: hard,
              look_for: "tender with some bite left",
              safety: ["steam"]
            )
          ]
        end

        def hard?(line)
          return false if line.text.match?(SMALL) || line.text.match?(Companions::READY)

          Heat::Food.row(line.text)&.fetch("done_celsius").to_f >= Constants.fetch(:batter, :hard_celsius)
        end

        def fruit = @all.select { |line| group(line) == "fruit" }
        def fritter? = @ours.style == "fritter"
        def coating? = @ours.style == "coating"
        def frying_fat?(line) =
          line.grams && line.grams.value > Constants.fetch(:batter, :frying_fat_share) * @ours.grams
        def inside
          return flavours if @ours.style == "pudding"

          (@companions.lines - @companions.at("table")) + @all.select { |line| line.role == "cheese" } + fruit
        end
        def poured?(line) = WET_ROLES.include?(line.role) && group(line) != "fruit" && !line.equal?(@liquid)
        # Honey and syrup have water in them.
        def sugar?(line, runny:) =
          group(line) == "sugar" &&
            runny == (@catalogue.fetch(line.ingredient).water_pct > Constants.fetch(:batter, :runny_sugar_pct))
        def group(line) = @catalogue.find_key(line.ingredient)&.group
        def companion?(line) = line.role == "other" && !line.before_a_batter? && !%w[sugar fruit].include?(group(line))
      end
    end
  end
end
