module Restauro
  module Families
    class Batter
      # The steps of a batter, in order: mixed, rested, judged, cooked by its style, kept.
      class Method
        DRY_ROLES = %w[flour starch binder lift seasoning].freeze

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          @options = @ours.options
          @notes = DataFiles.yaml("families/batter/flours.yml")
          freeze
        end

        # @return [Array<Step>]
        def steps = [clean, temper, dry, wet, rest, judge, *cook, keep].compact

        private

        def say(line) = @catalogue.fetch(line.ingredient).say
        def grams(line) = "#{line.grams.value < 10 ? line.grams.value.round(1) : line.grams.value.round} g #{say(line)}"
        def list(words) = words.length < 2 ? words.join : "#{words[0..-2].join(", ")} and #{words.last}"
        def counted = @ours.recipe.ingredients.select(&:counted?)
        def note(key) = @notes.fetch(key, @notes["default"])
        def main_flour = @swap.flours.max_by { |line| line.grams.value }&.ingredient
        def pudding? = @ours.style == "pudding"

        def clean
          Step.new(text: "Set out a clean bowl, whisk and board, and the packs.",
                   caution: "For a coeliac: packs labelled gluten free, gluten-free first, oil and board that no wheat has been in.")
        end

        def temper
          return unless pudding?

          Step.new(text: "Let eggs and milk come to room temperature.", caution: "No longer than two hours out of the fridge (one above 32 °C).")
        end

        def dry
          lines = counted.select { |line| DRY_ROLES.include?(line.role) || @catalogue.fetch(line.ingredient).group == "sugar" }
          return Step.new(text: "Weigh out #{grams(lines.first)}; rub out any lumps.") if lines.length == 1

          Step.new(text: "Whisk #{list(lines.map { |line| grams(line) })} together dry.",
                   look_for: ("no lumps of raising agent" if lines.any? { |line| line.role == "lift" }))
        end

        def wet
          sure, last = @swap.poured
          others = counted.select { |line| %w[egg liquid fat puree cheese].include?(line.role) && !line.equal?(@swap.liquid) }
          how = pudding? ? "do not care for lumps: they bake out" : note(main_flour)["lumps"]
          poured = list([*others.map { |line| grams(line) }, "#{sure.round} g #{say(@swap.liquid)}"])
          Step.new(text: "Add #{poured}: #{how}. Then up to #{last.round} g more by feel.",
                   look_for: @ours.rung.says, caution: raw_caution)
        end

        def raw_caution
          return "Raw batter of chickpea flour tastes bitter: do not taste it." if @swap.flours.any? { |line| line.ingredient == "chickpea_flour" }

          "Raw flour of any kind, and raw egg, is raw food: do not taste it."
        end

        def rest
          minutes = @swap.flours.map { |line| note(line.ingredient)["rest_min"] }.max.to_i
          return if minutes.zero?

          Step.new(text: "Rest it#{" in the fridge" if minutes > 20}; stir, and thin it again if it has drunk.", minutes: minutes.to_f,
                   look_for: "thicker than it was: #{@ours.rung.says}",
                   caution: ("Raising agent works from now: fold briefly and bake soon." if @ours.gas.moles.positive?))
        end

        def judge
          return unless %w[coating fritter].include?(@ours.style)

          Step.new(text: "Dip one piece, lift, let it drip ten seconds.", look_for: coat_look)
        end

        def coat_look = "a film#{" of #{(1000 * @ours.coat_m).round(1)} mm" if @ours.coat_m} that stays; it slides off a wet piece"

        def cook
          return Cooking.steps(@ours) if @ours.section
          case @ours.style
          when "pudding" then Cooking.hot_tin(@ours)
          when "muffin" then Cooking.muffins(@ours)
          when "pancake" then Cooking.pancakes
          else Cooking.unplanned
          end
        end

        def keep
          days = Constants.fetch(:batter, :keep_days).round
          raw = counted.any? { |line| line.role == "egg" || @catalogue.fetch(line.ingredient).allergens.include?("milk") }
          Step.new(text: raw ? "Use raw batter the same day, or keep it cold #{days} days at most." : "Keep raw batter cold, #{days} days at most.",
                   caution: "Some keep chickpea batter ten days or more; the short figure is taken here, since raw flour and wet " \
                            "hands carry germs. Follow your local rules.")
        end
      end
    end
  end
end
