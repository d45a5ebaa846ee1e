# frozen_string_literal: true

module Restauro
  module Dishes
    # Parts without flour that are told by their name or by what is in them: chips, a meringue, mash, crumbs.
    #   Needs @part, @coats, @catalogue, name and list.
    module PlainKinds
      SALAD = DataFiles.words("dishes/words.yml").fetch(:salad)
      SLICED = DataFiles.words("heat/words.yml").fetch(:cut_up)
      EATEN_RAW = DataFiles.words("dishes/words.yml").fetch(:eaten_raw)
      # Leaves and roots that are soft when potatoes are.
      GREENS = %w[wilt simmer].freeze
      private_constant :SALAD, :SLICED, :EATEN_RAW, :GREENS

      private

      def filo?(lines) = FiloOver.alone?(lines)
      def filo(lines)
        sheets, with = lines.partition { |line| FiloOver.line?(line) }
        fat = with.select { |line| line.role == "fat" }
        brush = fat.any? ? list(fat) : "melted butter or oil"
        over = with - fat
        [Families::Step.new(
          kind: "mix", uses: lines,
          text: "#{name}: keep #{list(sheets)} under a damp cloth; brush a sheet at a time with #{brush}, crumple it " \
                "loosely#{"; #{list(over)} for the top" if over.any?}.",
          look_for: "glossy all over: what stays dry cracks",
          caution: "Rice paper instead: a dip in water first, then the fat; it crisps, and browns less."
        )]
      end

      # They go in when the dish is put together.
      def cracked?(lines) = CrackedEggs.alone?(lines)
      def cracked(_lines) = []

      def mash?(lines) =
        root(lines) &&
          (name.match?(/\bmash/i) || lines.any? { |line| line.text.match?(/\bmash/i) } || @part.place == :top)
      def root(lines) =
        lines.find { |line| Families::Dough::Contents.raw?(line.ingredient) }

      # An Italian salsa of cheese melted in cream and butter is no relish.
      def buttery?(lines) = melted?(lines) && lines.any? { |line| %w[butter plant_butter].include?(line.ingredient) }
      def salad?(lines) = name.match?(SALAD) && !root(lines).nil?
      # Warm, it drinks what it is dressed with.
      def salad(lines)
        roots, rest = lines.partition { |line| line.equal?(root(lines)) }
        [Families::Companions.boil_roots(roots, @catalogue),
         Families::Step.new(kind: "mix", uses: rest, look_for: "glossy, no puddle under it",
                            text: "#{name}: slice them warm; turn them in #{list(rest)}.")]
      end

      # Potatoes boiled, dried and mashed with the rest; kale and the like are boiled with them, bacon and leeks go in
      # out of the pan, a sausage on top.
      def mash(lines)
        root = root(lines)
        greens = lines.select { |line| GREENS.include?(line.kind) && !line.equal?(root) }
        rest = lines - [root, *greens]
        panned = rest.select { |line| line.role == "other" && !line.text.match?(EATEN_RAW) }
        sausages, stirred = rest.partition { |line| line.kind == "sausage" }
        with = " with #{list(stirred)}" if stirred.any?
        on_it = "; #{list(sausages)} on it" if sausages.any?
        mixed = Families::Step.new(kind: "mix", text: "#{name}: mash them#{with}#{on_it}.",
                                   uses: rest, look_for: "smooth, and stiff enough to spread")
        [*Families::Companions.new(panned, @catalogue).early_steps,
         Families::Companions.boil_roots([root, *greens], @catalogue), mixed]
      end

      def crumbs?(lines) = @part.place == :top && lines.any? { |line| line.role == "crumb" }

      def crumbs(lines)
        return rolled_in(lines) if @coats

        early = Families::Companions.new(lines.select { |line| line.role == "other" }, @catalogue).early_steps
        under, crumbs = lines.partition { |line| line.role == "other" && line.text.match?(SLICED) }
        said = Said.of(@part.recipe)
        [*early, (under_them(under) if under.any?),
         said.baked || said.grills ? mixed_crumbs(crumbs) : toasted_crumbs(crumbs)].compact
      end

      # Tomatoes in slices, ahead of the crumbs.
      def under_them(lines) =
        Families::Step.new(kind: "mix", uses: lines, text: "Crumbs: #{list(lines)}, go under them.")

      def mixed_crumbs(lines)
        fat, others = lines.partition { |line| line.role == "fat" }
        words = fat.any? ? "stir #{list(others)} into #{list(fat)}, melted" : "have ready #{list(others)}"
        Families::Step.new(kind: "mix", text: "Crumbs: #{words}.", uses: lines,
                           look_for: fat.any? ? "every crumb damp" : nil)
      end

      # No oven browns them.
      def toasted_crumbs(lines)
        fat, others = lines.partition { |line| line.role == "fat" }
        pan = fat.any? ? "in #{list(fat)}" : "in a dry pan"
        Families::Step.new(kind: "brown", uses: lines,
                           text: "Crumbs: toast #{list(others)} #{pan} on medium, stirring.",
                           minutes: Constants.fetch(:making, :toast_crumbs_minutes),
                           look_for: "golden all through; off the pan at once, they go on browning")
      end

      # Around what comes out of a batter.
      def rolled_in(lines)
        [
          Families::Step.new(
            kind: "mix",
            text: "Crumbs: #{list(lines)} in a wide dish: each piece drips, then rolls in them before it is fried.",
            uses: lines,
            look_for: "no batter to be seen; wet crumbs out of the dish"
          )
        ]
      end
    end
  end
end
