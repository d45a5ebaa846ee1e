module Restauro
  module Families
    class Crust
      # The steps of a dough that is made: what binds it, mixed, rested, shaped.
      class DoughSteps
        include Words

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @style = @ours.style
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [crumbs] if @style.key == "base"
          return [crumble] if @style.loose?

          [*binding, mix, rest, *shape].compact
        end

        private

        def flours = @swap.flours.map { |line| grams(line) }.join(" and ")
        def lines(*roles) = Recipes::Parts.dough(@ours.recipe).select { |line| line.counted? && roles.include?(line.role) }
        def fat = lines("fat").map { |line| grams(line) }.join(" and ")
        def solid_fat? = lines("fat").any? { |line| !%w[neutral_oil olive_oil].include?(line.ingredient) }
        def psyllium? = @swap.binder&.ingredient.to_s.start_with?("psyllium")

        def crumbs
          Step.new(text: "Stir #{fat} melted into #{grams(@swap.flours.first)}; press into the tin with the flat of a glass.",
                   look_for: "a squeezed handful holds; loose: a spoon more fat")
        end

        def crumble
          Step.new(text: "Rub #{fat} into #{flours}#{sugar}; squeeze some into lumps, scatter, do not press.",
                   look_for: "lumps as large as peas and hazelnuts", minutes: nil)
        end

        def sugar = @ours.recipe.ingredients.any? { |line| line.part.nil? && sugar?(line) } ? ", stir in the sugar" : ""
        def sugar?(line) = line.ingredient && @catalogue.fetch(line.ingredient).group == "sugar"

        def binding
          return [] unless @swap.binder
          return [gel] if psyllium?

          dry? ? [Step.new(text: "Whisk #{grams(@swap.binder)} into the dry #{flours}.", look_for: "no white specks")] : []
        end

        def dry? = %w[xanthan_gum guar_gum flax_meal].include?(@swap.binder.ingredient)

        def gel
          into = @swap.liquid ? "#{@swap.liquid.grams.value.round} g cold water, less the last tenth" : "the beaten egg"
          Step.new(text: "Stir #{grams(@swap.binder)} into #{into}; wait.", minutes: Constants.fetch(:dough, :gel_minutes),
                   look_for: "a jelly that holds the spoon's track", caution: "Psyllium: with plenty of liquid, not for infants.")
        end

        def mix
          sure, last = @swap.by_feel.map(&:round)
          water = "#{psyllium? ? "the jelly" : "#{sure} g cold water"}, then up to #{last} g more by feel"
          water = "no water: what is in it brings it" unless @swap.liquid
          Step.new(text: "#{fat_step}; #{eggs}#{water}. Press together, do not knead for long.",
                   look_for: look, caution: (@ours.egg? ? "Raw egg and raw flour: wash hands and board." : nil))
        end

        def fat_step
          return "Stir #{flours} together" if fat.empty?
          return "Stir #{fat} into #{flours}" if !solid_fat? || @style.key == "thin"

          "Rub #{fat}, fridge-cold and diced, into #{flours} until it looks like coarse crumbs"
        end

        def eggs
          names = [*lines("egg", "cheese").map { |line| say(line) }, sharp].compact.uniq
          names.empty? ? "" : "#{names.join(" and ")}, "
        end

        def sharp = lines("liquid").find { |line| Dough::Stays.sharp?(@catalogue.fetch(line.ingredient)) }&.then { |line| say(line) }

        def look
          {"thin" => "soft and sticky, spreads under oiled hands", "pressed" => "damp crumbs that hold when squeezed"}
            .fetch(@style.key, "holds together when squeezed, no dry flour; cracks at the edge: a few drops more")
        end

        def rest
          Step.new(text: "Wrap it flat and chill it: the fat sets, the flour drinks.", minutes: constant(:chill_minutes),
                   look_for: "firm, bends a little before it cracks") unless @style.key == "thin"
        end

        def shape
          return [press] if @style.key == "pressed"
          return [spread] if @style.key == "thin"

          [roll, chill_again]
        end

        def press
          Step.new(text: "Press it into the tin, #{tenths(@ours.thickness_mm)} mm thick all over#{wall}: first the wall, then the base.",
                   look_for: "even, the corner no thicker than the base")
        end

        def wall = @ours.options.pan ? " and #{tenths(Lining.depth_cm(@ours.options.pan, @style))} cm up the wall" : ""

        def spread
          Step.new(text: "Spread it on oiled parchment with oiled hands, #{tenths(@ours.thickness_mm)} mm thin" \
                         "#{" and #{size(@ours.lining.roll_cm)}" if @ours.lining}.", look_for: "even to the edge; no thick middle")
        end

        def roll
          to = @ours.lining ? " to #{size(@ours.lining.roll_cm)}" : ""
          over = @ours.trimmings_g > 15 ? " About #{@ours.trimmings_g.round} g is left for patches." : ""
          Step.new(text: "Roll it between two sheets of parchment#{to}, #{tenths(@ours.thickness_mm)} mm thick. #{into_pan}#{over}",
                   look_for: "a crack or a hole: press a scrap in with a wet finger. It cannot toughen")
        end

        def into_pan
          {"free" => "Leave it on its paper, on a tray.", "top" => "Keep it flat in the cold until the filling is in.",
           "double" => "Two thirds first: turn it into the tin; the last third is the lid."}
            .fetch(@ours.cover, "Peel one sheet off, turn it into the tin, let it fall into the corners, press the rim on.")
        end

        def chill_again = Step.new(text: "Chill it in its shape.", minutes: constant(:chill_again_minutes), look_for: "hard again: it shrinks less")
      end
    end
  end
end
