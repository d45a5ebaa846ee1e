module Restauro
  module Families
    class Dough
      # The steps of a dough, in order: what binds it first, mixed, rested, tried, shaped, boiled, kept.
      class Method
        MIXED = {"spooned" => "a soft, sticky dough that holds a heap on the spoon", "pushed" => "drops slowly off the spoon in a thick rope"}.freeze

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @options = @ours.options
          @catalogue = catalogue
          @lines = Lines.new(swap, catalogue)
          freeze
        end

        # @return [Array<Step>]
        def steps
          [clean, *root, *binding, mix, rest, *FillingSteps.new(@swap, @catalogue, @lines).steps, taster, *Shape.new(@swap).steps,
           *PotSteps.new(@swap).steps, *serve, *Keeping.new(@ours).steps].compact
        end

        private

        def constant(name) = Constants.fetch(:dough, name)
        def say(line) = @catalogue.fetch(line.ingredient).say
        # Two lines of one thing, the recipe's egg and the one that binds, are said as one amount.
        def list(lines)
          Companions.list(lines.group_by { |line| line.grams ? line.ingredient || line : line }.values.map { |same| say_all(same) })
        end

        def say_all(lines)
          Companions.say(lines.one? ? lines.first : lines.first.with(grams: Estimate.sum(lines.map(&:grams))), @catalogue)
        end

        def flours = list(@swap.flours)
        def psyllium? = @swap.binder&.ingredient.to_s.start_with?("psyllium")
        def gum? = %w[xanthan_gum guar_gum].include?(@swap.binder&.ingredient)
        def puree = @ours.contents.puree
        def gnocchi? = @options.shape == "dumpling"

        def clean = Step.new(kind: "set_out", text: "Set out a clean board, bowl and pin, and the packs.", safety: ["coeliac_board"])

        def root
          return [] unless puree

          row = Contents.roots.fetch(puree.key)
          ready = @lines.mash.any? { |line| line.ingredient == puree.key }
          words = ready ? "The purée, cold and dry: spread it out to steam off" : "#{row["cook"]}; spread it out to steam off"
          [Step.new(kind: "boil", text: "#{words}. Weigh it.", minutes: ready ? nil : Float(row["minutes"]), uses: @lines.mash, look_for: moisture,
                    hold_minutes: 1440)]
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
          into = @swap.liquid ? "#{@swap.liquid.grams.value.round} g #{poured}, less the last tenth" : "the purée or the beaten egg"
          into = "a little of the liquid" if !@swap.liquid && !@ours.egg? && puree.nil?
          Step.new(kind: "mix", text: "Stir #{list([@swap.binder])} into #{into}; wait.", minutes: constant(:gel_minutes),
                   uses: [@swap.binder, @swap.liquid],
                   look_for: "a jelly that holds the spoon's track", safety: ["psyllium"])
        end

        def dry_gum
          Step.new(kind: "mix", text: "Whisk #{list([@swap.binder])} into the dry #{flours}.", uses: [@swap.binder, *@swap.flours],
                   look_for: "no white specks",
                   safety: ["gum"])
        end

        def poured = @swap.liquid ? @catalogue.fetch(@swap.liquid.ingredient).say : "water"

        # Everything that is in the dough goes in here, whatever it is.
        def mix
          look = "crumbly at first is right: it comes together under the hand; stop while it is still a little sticky" if gnocchi?
          Step.new(kind: "mix", text: gnocchi? ? gnocchi_mix : pasta_mix, look_for: look || mixed_look,
                   uses: [*@lines.dough, *(@lines.mash if gnocchi?)],
                   safety: [*("raw_flour" if @ours.egg?)])
        end

        def gnocchi_mix
          sure, last = @swap.by_feel.map(&:round)
          over = puree ? "the purée" : list(@lines.curds).then { |words| words.empty? ? "the bowl" : words }
          with = others(@lines.beside(@swap, but: @lines.curds))
          wet = "#{over[0].upcase}#{over[1..]}, #{with}flour (#{flours}), #{sure} g #{poured}; then up to #{last} g more by feel. " \
                "Press, do not knead."
          return wet if @swap.liquid

          "Over #{over}, #{with}#{sure} g of the flour (#{flours}); press together; then up to #{last} g more by feel, and no more than that."
        end

        # Egg, cheese, salt, herbs go in before the flour.
        def others(lines) = lines.empty? ? "" : "#{list(lines)}, then "

        def pasta_mix
          sure, last = @swap.by_feel.map(&:round)
          with = @lines.beside(@swap)
          water = "#{"#{sure} g #{poured} in a thread, " unless psyllium?}then up to #{last} g more by feel"
          water = with.any? { |line| line.role == "egg" } ? "no water: the eggs bring it" : "no more water" unless @swap.liquid
          first = [*("to the jelly" if psyllium?), *(list(with) if with.any?), flours + root_words].join(", ")
          first = "in a food processor: #{first}" if @swap.school&.key == "egg"
          how = %w[spooned pushed].include?(@options.shape) ? "Stir it smooth, no longer" : "Knead until smooth: nothing in it can go tough"
          "#{first[0].upcase}#{first[1..]}; #{water}. #{how}."
        end

        def root_words = @swap.binder&.role == "puree" ? " and #{list([@swap.binder])}, riced and cold" : ""

        def mixed_look
          return "damp crumbs that hold when squeezed: an extruder wants no dough" if @options.shape == "extruded"

          MIXED.fetch(@options.shape, "dry at first; smooth after two minutes of pressing, like soft clay")
        end

        def rest
          drinks = psyllium? || @ours.weights.any? { |ingredient, _| ingredient.group == "starch" }
          return if @options.shape == "spooned"

          Step.new(kind: "rest", text: "#{@options.shape == "pushed" ? "Cover" : "Wrap"} it and let it rest#{" in the cold, no longer than half an hour" if gnocchi?}.",
                   minutes: constant(drinks && !gnocchi? ? :rest_minutes : :rest_short_minutes), hold_minutes: gnocchi? ? 30 : 2880,
                   look_for: "less sticky than before: starch and binder go on drinking")
        end

        def taster
          return if @ours.boiling.nil? || %w[pushed spooned].include?(@options.shape)

          Step.new(kind: "boil", text: "Boil one piece before you shape the rest.",
                   minutes: @ours.boiling.minutes_done&.then { |m| (2 * m).ceil / 2.0 },
                   look_for: "holds its shape, tender through. If not, say what it did under “It came out otherwise”: grams for the rest stand there")
        end

        def serve
          lines = @lines.aside
          lines.empty? ? [] : [Step.new(kind: "serve", text: "Serve with #{list(lines)}.", uses: lines, hold_minutes: 2)]
        end
      end
    end
  end
end
