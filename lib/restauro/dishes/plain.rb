# frozen_string_literal: true

module Restauro
  module Dishes
    # A part without flour: crumbs to scatter, a filling, vegetables. What may not be eaten is replaced; what is raw is
    # cooked; the rest is mixed or laid in.
    class Plain
      include PlainBound
      include PlainCold
      include PlainCrispOnions
      include PlainGratedRoots
      include PlainHollowed
      include PlainKinds
      include PlainLayers
      include PlainPanSauce
      include PlainRice
      include PlainRoast
      include PlainRootTop
      include PlainRoots
      include PlainSauces
      include PlainSweets
      include PlainTender
      include PlainTomatoes
      include PlainToTurnIn

      # Roles that go in when the rest is done.
      LAST = %w[cheese seasoning].freeze
      # What a part may be, the first that fits: it says so in a method of that name with a question mark.
      KINDS = %i[filo crisp_onions for_crisping to_turn_in rice hollowed roast pan_sauce cracked crumbs root_top mash
                 bound grated chips whipped glazed meringue laid fried_slices drained salad broth stirred stewed sweet
                 tomatoes melted poached].freeze
      DRAINED = DataFiles.words("dishes/words.yml").fetch(:drained)
      # Whether a line is of what is boiled before a white sauce goes over it.
      def self.drained?(line) = line.text.match?(DRAINED) && !line.text.match?(Families::CompanionKinds::READY)

      # @param part [Part]   @param coats [Boolean] whether its crumbs go around what a batter is on
      def initialize(part, catalogue, exclusion, coats: false, simmer_minutes: nil)
        @part = part
        @coats = coats
        @simmer_minutes = simmer_minutes || Constants.fetch(:making, :tender_minutes)
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
        PartAnswer.new(
          part: @part,
          pairs: pairs.freeze,
          steps: steps(lines).freeze,
          substitutions: @found.select(&:found?).freeze,
          warnings: (lines.flat_map(&:warnings) + excluded(lines)).uniq.freeze
        )
      end

      private

      def excluded(lines) = @exclusion.warnings(@part.recipe.with(lines: lines), @catalogue)
      # Flour left over in a part without a family of its own goes by starch.
      def in_place_of(line)
        elsewhere.in_place_of(line) || @found.find { |found| found.line.equal?(line) && found.found? }&.lines || [line]
      end

      def elsewhere
        flour = -> { Families::Sauce::Choice.new(@catalogue, @exclusion).rescuer }
        Families::WheatElsewhere.new(@catalogue, flour: flour, exclusion: @exclusion, units: @units)
      end

      def list(lines) = Families::Companions.named(lines, @catalogue)
      def name = @part.name.to_s

      def steps(lines)
        kind = KINDS.find { |name| send(:"#{name}?", lines) }
        kind ? send(kind, lines) : cooked(lines)
      end

      def cooked(lines)
        companions =
          Families::Companions.new(
            lines.select { |line| line.role == "other" && @catalogue.find_key(line.ingredient)&.group != "sugar" },
            @catalogue,
            stew_minutes: poached_minutes
          )
        fats = lines.select { |line| line.role == "fat" }
        early = companions.early_steps(fats)
        done = early.flat_map(&:uses)
        alone = companions.lines.one? ? companions.dry_steps : companions.pan_steps
        simmer = poured?(lines) ? companions.simmer_steps : alone
        rest = lines.reject { |line| (done + simmer.flat_map(&:uses)).any? { |used| used.equal?(line) } }
        [*early, *simmer_in(simmer, rest, lines), *mixed(rest, lines)]
      end

      # Of meat that is simmered by itself.   @return [Float, nil]
      def poached_minutes
        step = @part.recipe.steps.map(&:text).find { |text| Recipes::Poached.step?(text) }
        Recipes::TimeSaid.of(step).first if step
      end

      def mixed(rest, lines)
        rest = rest.reject { |line| line.role == "liquid" } if poured?(lines) && lines.any? { |line| simmers?(line) }
        # What something is rolled in lies around it; eggs are broken into it at the end.
        rest = rest.reject { |line| wraps?(line) || CrackedEggs.line?(line) } if rest.length > 1
        return [] if rest.empty? || melts_in?(rest)

        return foamed(rest) if rest.length == lines.length && foamed?(rest)

        finished = blended_or_dressed(rest, lines)
        return [finished] if finished

        return last(rest) if rest.all? { |line| LAST.include?(line.role) || line.kind == "herb" } && rest != lines

        [Families::Step.new(kind: "mix", text: "#{name}: #{mixing(rest, lines)}.", uses: rest,
                            safety: rest.any? { |line| line.role == "egg" } ? ["raw_flour"] : [])]
      end

      # With each other, or into what was cooked before.
      def mixing(rest, lines)
        return "stir #{list(rest)} into it" if (lines - rest).any? { |line| simmers?(line) }

        rest.length > 1 ? "mix #{list(rest)}" : "have ready #{list(rest)}"
      end

      def wraps?(line) = Families::CompanionKinds::WRAPS.include?(line.ingredient)
      # Cheese melts where the dough is turned in it.
      def melts_in?(rest) = name == OverDough::NAME && rest.all? { |line| line.role == "cheese" }

      # Cheese, spice and herbs on what was cooked.
      def last(rest) =
        [Families::Step.new(kind: "finish", text: "#{name}: off the heat, stir in #{list(rest)}.", uses: rest)]
    end
  end
end
