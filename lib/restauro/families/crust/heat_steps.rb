module Restauro
  module Families
    class Crust
      # The steps at the oven: hot, blind, filled, baked, rested.
      class HeatSteps
        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @baking = @ours.baking
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [oven, *blind, barrier, fill, *lid, bake, rest].compact

        private

        def constant(name) = Constants.fetch(:crust, name)
        def half(minutes) = minutes && (2 * minutes).round / 2.0
        def filled? = !@ours.filling.nil?
        def fan = @baking.oven.fan

        def oven
          degrees = fan ? "#{@baking.oven.fan_celsius.round} °C with the fan" : "#{@baking.oven.celsius.round} °C"
          below = %w[top].include?(@ours.cover) ? "rack in the middle" : "rack in the lower third, a tray on it to get hot"
          Step.new(text: "Heat the oven to #{degrees}, #{below}.", minutes: constant(:preheat_minutes),
                   caution: @ours.options.pan&.loose && filled? ? "A loose bottom leaks: the tart stands on a tray, and is lifted by it." : nil)
        end

        def blind
          return [] unless @baking.prebaked?
          return [weighted, bare] if @baking.weighted?

          [Step.new(text: "Bake it before anything goes on it#{foil}.", minutes: half(@baking.bare_minutes),
                    look_for: "dry to the touch, golden at the rim; bubbles: press them flat with a spoon")]
        end

        def weighted
          Step.new(text: "Prick it; line it with paper and weights right up to the rim; bake.", minutes: half(@baking.weighted_minutes),
                   look_for: "the rim set, the base no longer shining", caution: "Weights stay hot: lift them out by the paper.")
        end

        def bare
          Step.new(text: "Out with the weights; bake on#{foil}.", minutes: half(@baking.bare_minutes),
                   look_for: filled? ? "dry all over, still pale" : "golden, dry in the middle")
        end

        # When the rim is covered, in minutes of all the baking.
        def foil
          from = @baking.cover_from
          from && @baking.prebaked? && from < @baking.prebake_minutes ? "; from the #{from.round}th minute a ring of foil on the rim" : ""
        end

        def barrier
          return unless filled? && @ours.open? && %w[rolled pressed base].include?(@ours.style.key)

          exclusion = @ours.options.exclusion(@catalogue)
          brush = if exclusion.allows?(@catalogue.fetch("egg_white")) then "egg white, and two minutes more in the oven"
                  else "melted fat, then a spoon of gluten-free crumbs"
                  end
          Step.new(text: "Against a soggy bottom: brush it hot with #{brush}.", look_for: "a shine that closes the pores")
        end

        def fill
          filling = @ours.filling or return
          deep = @ours.filling_depth_cm ? ", #{Recipes::WeighedLine.tenths(@ours.filling_depth_cm.round(1))} cm deep" : ""
          Step.new(text: "Fill it: #{filling.grams.round} g#{deep}, #{@ours.filling_start == "hot" ? "hot" : "cold from the fridge"}.",
                   look_for: @ours.filling_start == "hot" ? "hot filling on a #{@ours.cover == "top" ? "dish, the lid cold" : "dry crust"}" : nil,
                   caution: filling.why.include?("USDA") && filling.kind != "sauce" ? "#{filling.why}." : nil)
        end

        def lid
          return [fold] if @ours.cover == "free" && filled?
          return [] unless %w[double top].include?(@ours.cover) && !@ours.style.loose?

          [Step.new(text: "Lid on, the rim sealed with water; cut vents, brush with #{wash}.",
                    look_for: "steam can get out: it lifts the lid off else")]
        end

        def fold
          Step.new(text: "Pile it in the middle, fold #{constant(:border_cm).round} cm of rim over it, pleat by pleat; brush with #{wash}.",
                   look_for: "no crack in the base: patch it, or it leaks")
        end

        def wash
          exclusion = @ours.options.exclusion(@catalogue)
          return "1 egg with a teaspoon of water" if exclusion.allows?(@catalogue.fetch("egg_whole"))

          exclusion.allows?(@catalogue.fetch("whole_milk")) ? "milk" : "a plant drink with a little sugar"
        end

        def bake
          minutes = @baking.bake_minutes or return
          Step.new(text: "Bake#{cover_words}.", minutes: half(minutes), look_for: done_words, caution: caution)
        end

        def cover_words
          from = @baking.cover_from or return ""
          left = from - (@baking.prebake_minutes || 0)
          left.positive? ? ": look after #{left.round} min, and cover what is golden with foil" : ", the rim under its foil"
        end

        def done_words
          middle = @ours.filling&.then { |filling| "the middle at #{filling.done_celsius.round} °C: #{filling.why}" }
          [("golden" unless @baking.prebaked?), middle].compact.join("; ")
        end

        def caution
          return "Ovens differ by a good part of the time: brown is not done, the middle decides." if filled?

          "Ovens differ: look before the time is up."
        end

        def rest
          return unless filled?

          custard = @ours.filling.custard?
          Step.new(text: "Let it stand before it is cut.", minutes: constant(custard ? :rest_custard_minutes : :rest_minutes),
                   look_for: custard ? "set right through when it is just warm" : "the filling thickens as it cools",
                   caution: "Boiling juice and steam burn: knife first, then faces.")
        end
      end
    end
  end
end
