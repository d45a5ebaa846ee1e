module Restauro
  module Families
    class Crust
      # The steps of a crust that is baked before anything goes in.
      #   Needs @ours, @baking, half, blind_celsius and filled?.
      module BlindSteps
        private

        def blind
          return [] unless @baking.prebaked?
          return [weighted, bare] if @baking.weighted?

          [Step.new(kind: "prebake", celsius: blind_celsius, text: "Bake it before anything goes on it#{foil}.",
                    minutes: half(@baking.bare_minutes),
                    look_for: "dry to the touch, #{rim}; bubbles: press them flat with a spoon")]
        end

        # Pale where it bakes on for as long as the recipe says.
        def rim = @ours.style.key == "thin" && @ours.options.bake_minutes ? "still pale" : "golden at the rim"

        def weighted
          Step.new(kind: "prebake", celsius: blind_celsius,
                   text: "Prick it; line it with paper and weights right up to the rim; bake.",
                   minutes: half(@baking.weighted_minutes),
                   look_for: "the rim set, the base no longer shining",
                   caution: "Weights stay hot: lift them out by the paper.")
        end

        def bare
          Step.new(kind: "prebake", celsius: blind_celsius, text: "Out with the weights; bake on#{foil}.",
                   minutes: half(@baking.bare_minutes),
                   look_for: filled? ? "dry all over, still pale" : "golden, dry in the middle")
        end

        # When the rim is covered, in minutes of all the baking.
        def foil
          from = @baking.cover_from
          return unless from && @baking.prebaked? && from < @baking.prebake_minutes

          "; from the #{from.round}th minute a ring of foil on the rim"
        end
      end
    end
  end
end
