# frozen_string_literal: true

module Restauro
  module Dishes
    # A part without flour: crumbs to scatter, a filling, vegetables. What may not be eaten is replaced; what is raw is cooked; the rest is mixed
    # or laid in.
    class Plain
      DRY = %w[seasoning lift acid].freeze

      # @param part [Part]   @param coats [Boolean] whether its crumbs go around what a batter is on
      def initialize(part, catalogue, exclusion, coats: false)
        @part = part
        @coats = coats
        @catalogue = catalogue
        @units = KitchenUnits.of(part.recipe.system)
        @found = Diets::Substitutes.new(catalogue, exclusion, units: @units).of(part.recipe)
        @exclusion = exclusion
        freeze
      end

      # @return [PartAnswer]
      def answer
        pairs = @part.lines.map { |line| [line, in_place_of(line)] }
        lines = pairs.flat_map(&:last)
        PartAnswer.new(part: @part, pairs: pairs.freeze, steps: steps(lines).freeze, substitutions: @found.select(&:found?).freeze,
                       warnings: (lines.flat_map(&:warnings) + @exclusion.warnings(@part.recipe.with(lines: lines), @catalogue)).uniq.freeze)
      end

      private

      # Flour left over in a part without a family of its own goes by starch.
      def in_place_of(line)
        elsewhere.in_place_of(line) || @found.find { |found| found.line.equal?(line) && found.found? }&.lines || [line]
      end

      def elsewhere
        Families::WheatElsewhere.new(@catalogue, flour: -> { Families::Sauce::Choice.new(@catalogue, @exclusion).rescuer }, exclusion: @exclusion,
                                                 units: @units)
      end

      def list(lines) = Families::Companions.list(lines.map { |line| Families::Companions.say(line, @catalogue) })
      def name = @part.name.to_s

      def steps(lines)
        return crumbs(lines) if @part.place == :top && lines.any? { |line| line.role == "crumb" }
        return mash(lines) if mashed?(lines)
        return chips(lines) if name == "Chips"
        return meringue(lines) if meringue?(lines)
        return fried(lines.select { |line| Bake.fried_layer?(line) }) if lines.all? { |line| Bake.laid?(line) }

        return stirred(lines) if stirred?(lines)

        companions = Families::Companions.new(lines.select { |line|
          line.role == "other" &&
                      @catalogue.find_key(line.ingredient)&.group != "sugar"
        }, @catalogue)
        fats = lines.select { |line| line.role == "fat" }
        early = companions.early_steps(fats)
        cooked = early.flat_map(&:uses)
        simmer = companions.simmer_steps
        rest = lines.reject { |line| (cooked + simmer.flat_map(&:uses)).any? { |used| used.equal?(line) } }
        [*early, *simmer_in(simmer, rest, lines), *mixed(rest, lines)]
      end

      # What is poured simmers with what is tender in it: a ragout, a tomato sauce.
      def simmer_in(simmer, rest, lines)
        liquids = rest.select { |line| line.role == "liquid" }
        return simmer if liquids.empty? || lines.none? { |line| line.role == "other" && line.kind }

        [Families::Step.new(kind: "simmer", text: "#{name}: pour in #{list(liquids)}; simmer gently.",
                            minutes: Constants.fetch(:making, :tender_minutes), uses: liquids,
                            look_for: "thick enough that a spoon leaves a track"), *simmer]
      end

      def mixed(rest, lines)
        rest = rest.reject { |line| line.role == "liquid" } if lines.any? { |line| line.role == "other" && line.kind }
        return [] if rest.empty?

        return foamed(rest) if foamed?(rest)

        eggs = rest.any? { |line| line.role == "egg" }
        [Families::Step.new(kind: "mix", text: "#{name}: #{rest.length > 1 ? "mix #{list(rest)}" : "have ready #{list(rest)}"}.", uses: rest,
                            safety: eggs ? ["raw_flour"] : [])]
      end

      def fried(lines)
        return [] if lines.empty?

        [Families::Step.new(kind: "brown", text: "Brown the slices of #{list(lines)} on both sides in oil, a layer at a time; onto paper.",
                            uses: lines, minutes: Constants.fetch(:making, :brown_minutes), look_for: "brown, and soft when pressed")]
      end

      # A dip, where nothing in it is raw.
      def stirred?(lines)
        name.match?(/\A(?:dip\b|dipping|dressing|mayo|relish|slaw|salad)/i) && lines.all? { |line| [nil, "late", "herb"].include?(line.kind) }
      end

      def stirred(lines) = [Families::Step.new(kind: "mix", text: "#{name}: stir together #{list(lines)}.", uses: lines)]

      # Ahead of whatever has crumbs or batter on it, while the oil is clean.
      def chips(lines)
        [Families::Step.new(kind: "fry", uses: lines, look_for: "soft, still pale; hot and golden the second time",
                            text: "Chips: #{list(lines)} in sticks, rinsed and dried well; fry them until soft, lift them out, and again, hotter, " \
                                  "at the end. Or on an oiled tray in a hot oven.", safety: ["hot_oil"])]
      end

      def foamed?(lines) = lines.any? { |line| line.role == "fat" } && lines.any? { |line| line.kind == "herb" } &&
        lines.all? { |line| line.role == "fat" || %w[herb soften].include?(line.kind) }

      # Butter and leaves to turn a dough in.
      def foamed(lines)
        fat, leaves = lines.partition { |line| line.role == "fat" }
        [Families::Step.new(kind: "brown", text: "#{name}: let #{list(fat)} foam on medium with #{list(leaves)} in it.", uses: lines,
                            look_for: "nutty, the leaves crisp; brown specks are right, black ones are not")]
      end

      def meringue?(lines)
        lines.any? { |line| line.ingredient == "egg_white" } && lines.any? { |line| sugar?(line) } && lines.none? { |line| line.role == "liquid" }
      end

      def sugar?(line) = line.ingredient && @catalogue.find_key(line.ingredient)&.group == "sugar"

      # Whites first, then the sugar (common practice).
      def meringue(lines)
        sugar, rest = lines.partition { |line| sugar?(line) }
        [Families::Step.new(kind: "mix", text: "#{name}: in a bowl without a trace of fat, whisk #{list(rest)} until they stand in soft peaks; " \
                                               "then #{list(sugar)}, a spoonful at a time.", uses: lines, safety: ["egg_dish"],
                            look_for: "stiff and shiny; no grains between two fingers")]
      end

      def mashed?(lines) = root(lines) && (name.match?(/\bmash/i) || lines.any? { |line| line.text.match?(/\bmash/i) } || @part.place == :top)
      def root(lines) = lines.find { |line| Families::Dough::Contents.roots.any? { |_, row| row["raw"] == line.ingredient } }

      # Potatoes boiled, dried and mashed with the rest.
      def mash(lines)
        roots, rest = lines.partition { |line| line.equal?(root(lines)) }
        [Families::Companions.boil_roots(roots, @catalogue),
         Families::Step.new(kind: "mix", text: "#{name}: mash them#{" with #{list(rest)}" if rest.any?}.", uses: rest,
                            look_for: "smooth, and stiff enough to spread")]
      end

      def crumbs(lines)
        return rolled_in(lines) if @coats

        early = Families::Companions.new(lines.select { |line| line.role == "other" }, @catalogue).early_steps
        fat, others = lines.partition { |line| line.role == "fat" }
        words = fat.any? ? "stir #{list(others)} into #{list(fat)}, melted" : "have ready #{list(others)}"
        [*early, Families::Step.new(kind: "mix", text: "Crumbs: #{words}.", uses: lines, look_for: fat.any? ? "every crumb damp" : nil)]
      end

      # Around what comes out of a batter.
      def rolled_in(lines)
        [Families::Step.new(kind: "mix", text: "Crumbs: #{list(lines)} in a wide dish: each piece drips, then rolls in them before it is fried.",
                            uses: lines, look_for: "no batter to be seen; wet crumbs out of the dish")]
      end
    end
  end
end
