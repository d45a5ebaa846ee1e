module Restauro
  module Families
    class Dough
      # The bowl: what binds it first, then everything that is in the dough, whatever it is.
      class MixSteps
        MIXED =
          {"spooned" => "a soft, sticky dough that holds a heap on the spoon",
           "pushed" => "drops slowly off the spoon in a thick rope",
           "extruded" => "damp crumbs that hold when squeezed: an extruder wants no dough"}.freeze

        def initialize(swap, catalogue, lines)
          @swap = swap
          @ours = swap.ours
          @options = @ours.options
          @catalogue = catalogue
          @lines = lines
          freeze
        end

        # @return [Array<Step>]
        def steps = [*binding, mix]

        private

        def constant(name) = Constants.fetch(:dough, name)
        def say(line) = @catalogue.fetch(line.ingredient).say
        # Two lines of one thing, the recipe's egg and the one that binds, are said as one amount.
        def list(lines)
          alike = lines.group_by { |line| line.grams ? line.ingredient || line : line }
          Companions.list(alike.values.map { |same| say_all(same) })
        end

        def say_all(lines)
          line = lines.one? ? lines.first : lines.first.with(grams: Estimate.sum(lines.map(&:grams)))
          Companions.say(line, @catalogue)
        end

        def flours = list(@swap.flours)
        def psyllium? = @swap.binder&.ingredient.to_s.start_with?("psyllium")
        def gum? = %w[xanthan_gum guar_gum].include?(@swap.binder&.ingredient)
        def puree = @ours.contents.puree
        def gnocchi? = Options::BY_HAND.include?(@options.shape)

        # What has to drink or be spread before the rest.
        def binding
          return [gel] if psyllium?
          return [dry_gum] if gum?

          []
        end

        def gel
          into = @swap.liquid ? "#{@swap.liquid.grams.value.round} g #{poured}, less the last tenth" :
                                "the purée or the beaten egg"
          into = "a little of the liquid" if !@swap.liquid && !@ours.egg? && puree.nil?
          Step.new(kind: "mix", text: "Stir #{list([@swap.binder])} into #{into}; wait.",
                   minutes: constant(:gel_minutes), uses: [@swap.binder, @swap.liquid],
                   look_for: "a jelly that holds the spoon's track", safety: ["psyllium"])
        end

        def dry_gum
          Step.new(kind: "mix", text: "Whisk #{list([@swap.binder])} into the dry #{flours}.",
                   uses: [@swap.binder, *@swap.flours], look_for: "no white specks",
                   safety: ["gum"])
        end

        def poured = @swap.liquid ? @catalogue.fetch(@swap.liquid.ingredient).say : "water"

        # Everything that is in the dough goes in here, whatever it is.
        def mix
          if gnocchi?
            look = "crumbly at first is right: it comes together under the hand; stop while it is still a little sticky"
          end
          Step.new(kind: "mix", text: gnocchi? ? gnocchi_mix : pasta_mix, look_for: look || mixed_look,
                   uses: [*@lines.dough, *(@lines.mash if gnocchi?)],
                   safety: [*("raw_flour" if @ours.egg?)])
        end

        def gnocchi_mix
          sure, last = @swap.by_feel.map(&:round)
          curds = @lines.curds.any? ? list(@lines.curds) : nil
          over = [("the purée" if puree), curds].compact.join(" and ")
          over = "the bowl" if over.empty?
          with = others(@lines.beside(@swap, but: @lines.curds))
          if @swap.liquid
            return "#{over[0].upcase}#{over[1..]}, #{with}flour (#{flours}), #{sure} g #{poured}; " \
                   "then up to #{last} g more by feel. Press, do not knead."
          end

          "Over #{over}, #{with}#{sure} g of the flour (#{flours}); press together; then up to #{last} g more by feel, and no more than that."
        end

        # Egg, cheese, salt, herbs go in before the flour.
        def others(lines) = lines.empty? ? "" : "#{list(lines)}, then "

        def pasta_mix
          sure, last = @swap.by_feel.map(&:round)
          with = @lines.beside(@swap)
          water = "#{"#{sure} g #{poured} in a thread, " unless psyllium?}then up to #{last} g more by feel"
          unless @swap.liquid
            water = with.any? { |line| line.role == "egg" } ? "no water: the eggs bring it" : "no more water"
          end
          first = [*("to the jelly" if psyllium?), *(list(with) if with.any?), flours + root_words].join(", ")
          first = "in a food processor: #{first}" if @swap.school&.key == "egg"
          soft = %w[spooned pushed].include?(@options.shape)
          how = soft ? "Stir it smooth, no longer" : "Knead until smooth: nothing in it can go tough"
          "#{first[0].upcase}#{first[1..]}; #{water}. #{how}."
        end

        def root_words = @swap.binder&.role == "puree" ? " and #{list([@swap.binder])}, riced and cold" : ""

        def mixed_look
          MIXED.fetch(@options.shape, "dry at first; smooth after two minutes of pressing, like soft clay")
        end
      end
    end
  end
end
