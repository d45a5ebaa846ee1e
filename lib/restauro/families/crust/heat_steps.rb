module Restauro
  module Families
    class Crust
      # The steps at the oven: hot, blind, filled, baked, rested.
      class HeatSteps
        include BlindSteps
        include CaseSteps
        include CooledFilling

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @baking = @ours.baking
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps
          return cases if @ours.cases?

          filled = FillSteps.new(@ours, @catalogue).steps
          return [cooled, oven, *blind, *filled, bake, rest].compact unless @ours.chilled?

          [*([oven, *blind] unless @ours.unbaked?), *filled, set].compact
        end

        # While the filling is made.   @return [Step]
        def set_base
          Step.new(kind: "chill", text: "Chill the base before anything goes on it.",
                   minutes: constant(:chilled_base_minutes), hold_minutes: 1440, look_for: "firm: the fat has set")
        end

        private

        def constant(name) = Constants.fetch(:crust, name)
        def half(minutes) = minutes && (2 * minutes).round / 2.0
        def filled? = !@ours.filling.nil?
        def celsius = @baking.oven.celsius
        def degrees = @baking.oven.say
        def blind_celsius = @baking.blind_oven.celsius
        # The oven that it is baked empty in, where the recipe says another.
        def blind_apart? = @baking.prebaked? && @baking.blind_oven != @baking.oven

        # No oven after it is filled.
        def set
          Step.new(kind: "chill", text: "Into the fridge until it has set#{skin}.", minutes: constant(:chilled_minutes),
                   hold_minutes: 1440, look_for: "firm in the middle: a clean cut stands",
                   safety: ["cooling", *("raw_egg" if @ours.chilled.raw_egg?)])
        end

        def skin = (", paper on its surface against a skin" if @ours.chilled.boiled?)

        def oven
          middle = %w[top wrapped].include?(@ours.cover)
          rack = middle ? "rack in the middle" : "rack in the lower third, a tray on it to get hot"
          first = blind_apart? ? @baking.blind_oven : @baking.oven
          leaks = "A loose bottom leaks: the tart stands on a tray, and is lifted by it."
          Step.new(kind: "preheat", text: "Heat the oven to #{first.say}, #{rack}.",
                   minutes: constant(:preheat_minutes), celsius: blind_apart? ? blind_celsius : celsius,
                   caution: (leaks if @ours.options.pan&.loose && filled?))
        end

        def bake
          minutes = @ours.agreed_minutes or return
          how = blind_apart? ? "Turn the oven to #{degrees}; bake" : "Bake at #{degrees}"
          Step.new(kind: "bake", text: "#{how}#{cover_words}.", minutes: half(minutes), celsius: celsius,
                   look_for: done_words,
                   caution: filled? ? nil : "Ovens differ: look before the time is up.",
                   uses: FillSteps.glaze(@ours.recipe),
                   safety: filled? ? ["middle_decides", *@ours.filling.safety] : [])
        end

        def cover_words
          from = @baking.cover_from or return ""
          left = from - (@baking.prebake_minutes || 0)
          return "" if left >= @ours.agreed_minutes
          return ", the rim under its foil" unless left.positive?

          ": look #{left < 1 ? "from the start" : "after #{left.round} min"}, and cover what is golden with foil"
        end

        def done_words
          middle = @ours.filling&.then { |filling| "the middle at #{filling.done_celsius.round} °C: #{filling.why}" }
          [("golden" unless @baking.prebaked?), middle, @ours.otherwise].compact.join("; ")
        end

        def out_of_the_cups =
          Step.new(kind: "rest", minutes: constant(:small_rest_minutes), safety: ["hot_filling"],
                   text: @ours.cups.cases ? "Let them stand, then lift them out with a knife." : "Let them stand.",
                   look_for: @ours.cups.cases ? "they come away from the tin" : "no longer bubbling")

        def rest
          return unless filled?

          return out_of_the_cups if @ours.cups

          custard = @ours.filling.custard?
          Step.new(kind: "rest", text: "Let it stand before it is cut.",
                   minutes: constant(custard ? :rest_custard_minutes : :rest_minutes),
                   look_for: custard ? "set right through when it is just warm" : "the filling thickens as it cools",
                   safety: ["hot_filling"])
        end
      end
    end
  end
end
