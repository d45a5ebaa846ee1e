module Restauro
  module Families
    class Batter
      # Poured thin or dropped by the spoonful into a hot pan, and turned.
      class Pancakes
        WAFFLE, TORN = DataFiles.words("families/batter/words.yml").values_at(:waffle, :torn)

        # @param prediction [Prediction]   @param lines [Lines]
        def initialize(prediction, lines, catalogue)
          @ours = prediction
          @lines = lines
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [in_the_iron] if title.match?(WAFFLE)

          return [first_side(true), second_side(true), torn] if title.match?(TORN)

          thick = %w[fritter patty].include?(@ours.style) || @ours.gas.moles.positive? || @lines.yeast.any?
          [first_side(thick), second_side(thick)]
        end

        private

        def title = @ours.recipe.title.to_s

        def in_the_iron
          Step.new(kind: "fry", text: "A hot waffle iron, brushed with fat: a ladle of it, lid shut.",
                   minutes: Constants.fetch(:making, :waffle_minutes), uses: @lines.pan_fat,
                   look_for: "no more steam; it lets go of the iron by itself",
                   safety: (@ours.egg? ? ["egg_dish"] : []) + @lines.companions.safety(@lines.folded))
        end

        # Pulled to pieces in its pan.
        def torn
          Step.new(kind: "fry", text: "Tear it with two forks; let the pieces take colour in a little more fat.",
                   minutes: Constants.fetch(:making, :thick_turned_minutes), look_for: "golden edges, soft inside")
        end

        def list(lines) = Companions.named(lines, @catalogue)

        def first_side(thick)
          fat = @lines.pan_fat.any? ? "with #{list(@lines.pan_fat)}" : "with a film of fat"
          poured = thick ? "medium; drop in spoonfuls with room between" : "pour a thin round and tilt"
          poured = "medium; lay them in with room between" if patty?
          poured = "medium; pour it in, two fingers deep, lid on" if title.match?(TORN)
          lay = "A hot pan #{fat}#{thick ? "," : ";"} #{poured}."
          lay = in_shallow_fat if shallow_fat?
          Step.new(kind: "fry", text: "#{lay}#{on_top}", minutes: minutes(thick, :pancake),
                   uses: @lines.pan_fat + @lines.laid_on, safety: (["hot_oil"] if shallow_fat?).to_a,
                   look_for: patty? ? "a brown crust: till then it sticks" : "the edge dry, bubbles that stay open")
        end

        # Before its first side is done.
        def on_top = (" On top of each, while it is wet, #{list(@lines.laid_on)}." if @lines.laid_on.any?)

        # A fat of so many spoons is only a film, and so is one that is not listed.
        def shallow_fat? = !@ours.options.oil.nil? && @lines.pan_fat.any? && @lines.pan_fat.none?(&:grams)

        # As hot as is said, and no deeper than a finger.
        def in_shallow_fat
          "A finger of #{list(@lines.pan_fat)} in a wide pan to #{@ours.options.oil.degrees}; drop in spoonfuls with room between."
        end

        def second_side(thick)
          Step.new(kind: "fry", text: "Turn, and cook the other side.", minutes: minutes(thick, :turned),
                   look_for: thick ? "golden, springs back" : "golden flecks",
                   safety: (@ours.egg? ? ["egg_dish"] : []) + inside_safety)
        end

        def inside_safety = @lines.companions.safety(@lines.folded + @lines.laid_on)
        def patty? = @ours.style == "patty"
        # As the recipe says it, where it tells of both sides; what is thick is not done in less than is usual.
        def minutes(thick, side)
          sides = @ours.options.fry_minutes.to_a
          told = sides[side == :turned ? 1 : 0] if sides.length == 2
          return [told, Constants.fetch(:making, :patty_minutes)].compact.max if patty?
          return told if told

          Constants.fetch(:making, {pancake: %i[thin_pancake_minutes thick_pancake_minutes],
                                    turned: %i[thin_turned_minutes thick_turned_minutes]}.fetch(side)[thick ? 1 : 0])
        end
      end
    end
  end
end
