module Restauro
  module Families
    class Dough
      # The steps of a dough, in order: what binds it first, mixed, rested, tried, shaped, boiled, kept.
      class Method
        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @options = @ours.options
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [clean, root, *binding, mix, rest, filling, taster, *Shape.new(@swap).steps, *PotSteps.new(@swap).steps, keep, leftover].compact

        private

        def constant(name) = Constants.fetch(:dough, name)
        def say(line) = @catalogue.fetch(line.ingredient).say
        def grams(line) = "#{Recipes::WeighedLine.tenths(line.grams.value.round(line.grams.value < 20 ? 1 : 0))} g #{say(line)}"
        def flours = @swap.flours.map { |line| grams(line) }.join(" and ")
        def psyllium? = @swap.binder&.ingredient.to_s.start_with?("psyllium")
        def gum? = %w[xanthan_gum guar_gum].include?(@swap.binder&.ingredient)
        def puree = @ours.contents.puree
        def gnocchi? = @options.shape == "dumpling"

        def clean
          Step.new(text: "Set out a clean board, bowl and pin, and the packs.",
                   caution: "For a coeliac: packs labelled gluten free; gluten-free first, with a board, pin, pot and colander " \
                            "that no wheat has been in.")
        end

        def root
          return unless puree

          row = Contents.roots.fetch(puree.key)
          Step.new(text: "#{row["cook"]}; spread it out to steam off. Weigh it.", minutes: Float(row["minutes"]), look_for: moisture)
        end

        def moisture
          found = @ours.contents.moisture
          {weighed: "#{found.water.round} % water by its weights: the flour is for that",
           seen: "taken as #{found.water.round} % water by how it looks; weigh it raw and cooked to be surer",
           told: "taken as #{found.water.round} % water; weighing it raw and cooked tells, and is worth most"}.fetch(found.how)
        end

        # What has to drink or be spread before the rest.
        def binding
          return [gel] if psyllium?
          return [dry_gum] if gum?

          []
        end

        def gel
          into = @swap.liquid ? "#{@swap.liquid.grams.value.round} g water, less the last tenth" : "the purée or the beaten egg"
          Step.new(text: "Stir #{grams(@swap.binder)} into #{into}; wait.", minutes: constant(:gel_minutes),
                   look_for: "a jelly that holds the spoon's track", caution: "Psyllium: with plenty of liquid, not for infants.")
        end

        def dry_gum
          Step.new(text: "Whisk #{grams(@swap.binder)} into the dry #{flours}.", look_for: "no white specks",
                   caution: "Gum that meets water alone sets to lumps. Not for infants.")
        end

        def mix
          sure, last = @swap.by_feel.map(&:round)
          return Step.new(text: gnocchi_mix(sure, last), look_for: "crumbly at first is right: it comes together under the hand; " \
                                                                   "stop while it is still a little sticky") if gnocchi?

          Step.new(text: pasta_mix(sure, last), look_for: mixed_look, caution: (@ours.egg? ? "Raw egg and raw flour: wash hands and board." : nil))
        end

        def gnocchi_mix(sure, last)
          return "Purée, #{others}flour (#{flours}), #{sure} g water; then up to #{last} g more by feel. Press, do not knead." if @swap.liquid

          "Over the #{puree ? "purée" : "curd"}, #{others}#{sure} g of the flour (#{flours}); press together; " \
            "then up to #{last} g more by feel, and no more than that."
        end

        # Egg and cheese go in before the flour.
        def others
          names = Recipes::Parts.dough(@ours.recipe).select { |line| line.counted? && !line.added && %w[egg cheese].include?(line.role) }
          names = names.map { |line| say(line) }.reject { |name| puree.nil? && name == say_curd }
          names.empty? ? "" : "#{names.join(", ")}, then "
        end

        def say_curd = @ours.contents.parts.map(&:first).find { |ingredient| ingredient.group == "curd" }&.say

        def pasta_mix(sure, last)
          water = "#{"#{sure} g water in a thread, " unless psyllium?}then up to #{last} g more by feel"
          water = "no water: the eggs bring it" unless @swap.liquid
          return "In a food processor: #{flours}, the eggs; #{water}." if @swap.school.key == "egg"

          eggs = Recipes::Parts.dough(@ours.recipe).any? { |line| line.role == "egg" }
          first = psyllium? ? "To the jelly#{" the eggs, then" if eggs} #{flours}" : "#{flours}#{root_words}#{", the eggs" if eggs}"
          "#{first}; #{water}. Knead until smooth: nothing in it can go tough."
        end

        def root_words = @swap.binder&.role == "puree" ? " and #{grams(@swap.binder)}, riced and cold" : ""

        def mixed_look
          return "damp crumbs that hold when squeezed: an extruder wants no dough" if @options.shape == "extruded"

          "dry at first; smooth after two minutes of pressing, like soft clay"
        end

        def rest
          drinks = psyllium? || @ours.weights.any? { |ingredient, _| ingredient.group == "starch" }
          Step.new(text: "Wrap it and let it rest#{" in the cold, no longer than half an hour" if gnocchi?}.",
                   minutes: constant(drinks && !gnocchi? ? :rest_minutes : :rest_short_minutes),
                   look_for: "less sticky than before: starch and binder go on drinking")
        end

        def filling
          return unless @ours.filled?

          each = Recipes::WeighedLine.tenths(@ours.filling_each_g.round(1))
          all = "; #{@ours.filling_g.round} g of it" if @ours.filling_g.positive?
          Step.new(text: "Mix the filling, well drained#{all}. #{each} g for each piece.",
                   look_for: "no liquid in the bowl", caution: "Keep it cold until it goes in.")
        end

        def taster
          Step.new(text: "Boil one piece before you shape the rest.", minutes: @ours.boiling&.minutes_done&.then { |m| (2 * m).ceil / 2.0 },
                   look_for: "holds its shape, tender through. If not, say what it did under “It came out otherwise”: grams for the rest stand there")
        end

        def keep
          Step.new(text: "What you do not boil today: freeze on the floured tray till hard, then bag, 2 months at its best. Boil from frozen, " \
                         "#{@ours.boiling&.minutes_frozen ? "#{(2 * @ours.boiling.minutes_frozen).ceil / 2.0} min".sub(".0 ", " ") : "longer"}.",
                   caution: "Raw dough#{" with egg" if @ours.egg?}: shape and boil or freeze it the same day, 1 to 2 days cold at most. " \
                            "Boiled leftovers: fridge within two hours, 3 to 4 days, reheated to 74 °C.")
        end

        # Purée that was cooked and is not in this dough, in portions as large as this one's.
        def leftover
          made, used = @options.roasted_to_g, puree && @ours.contents.parts.find { |ingredient, _| ingredient.equal?(puree) }&.last&.value
          return unless made && used && made - used > Constants.fetch(:dough, :leftover_share) * used

          left = made - used
          count = [(left / used).round, 1].max
          Step.new(text: "#{left.round} g of purée is left: freeze it in #{count} portion#{"s" if count > 1} of #{(left / count).round} g, " \
                         "its water (#{@ours.contents.moisture.water.round} %) on the label.")
        end
      end
    end
  end
end
