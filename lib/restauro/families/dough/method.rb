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
          @lines = Lines.new(swap, catalogue)
          freeze
        end

        # @return [Array<Step>]
        def steps
          mixed, filling = [MixSteps, FillingSteps].map { |of| of.new(@swap, @catalogue, @lines).steps }
          [
            clean,
            *root,
            *Companions.new(@lines.dough.select { |line| line.role == "other" }, @catalogue).drained_steps,
            *mixed,
            rest,
            *filling,
            taster,
            *Shape.new(@swap).steps,
            *heat,
            *serve,
            *Keeping.new(@ours).steps
          ].compact
        end

        private

        def heat = @options.way ? SteamSteps.new(@ours).steps : PotSteps.new(@swap).steps
        def cook = @options.way ? "Cook" : "Boil"
        def constant(name) = Constants.fetch(:dough, name)
        def list(lines) = Companions.named(lines, @catalogue)
        def psyllium? = @swap.binder&.ingredient.to_s.start_with?("psyllium")
        def puree = @ours.contents.puree
        def gnocchi? = Options::BY_HAND.include?(@options.shape)

        def clean =
          Step.new(
            kind: "set_out",
            text: "Set out a clean board, bowl and pin, and the packs.",
            safety: ["coeliac_board"]
          )

        def root
          return [] unless puree

          raw = @lines.mash.reject { |line| Contents.roots.key?(line.ingredient) }
          cooked, raw = raw.partition { |line| Contents.weighed_cooked?(line) }
          rows = raw.map { |line| Contents.roots.fetch(Contents.mash(line.ingredient)) }.uniq
          words = [*("Peel #{list(cooked)} and rice it" if cooked.any?), *rows.map { |row| row["cook"] }].join(". ")
          words = "The purée, cold and dry" if words.empty?
          [
            Step.new(
              kind: "boil",
              text: "#{words}; spread it out to steam off. Weigh it.",
              minutes: rows.map { |row| Float(row["minutes"]) }.max,
              uses: @lines.mash,
              look_for: moisture,
              hold_minutes: 1440
            )
          ]
        end

        def moisture
          found = @ours.contents.moisture
          {
            weighed: "#{found.water.round} % water by its weights: the flour is for that",
            seen: "taken as #{found.water.round} % water by how it looks; weigh it raw and cooked to be surer",
            told: "taken as #{found.water.round} % water; weighing it raw and cooked tells, and is worth most"
          }.fetch(found.how)
        end

        def rest
          drinks = psyllium? || @ours.weights.any? { |ingredient, _| ingredient.group == "starch" }
          return if @options.shape == "spooned"

          cold = " in the cold, no longer than half an hour" if gnocchi?
          Step.new(
            kind: "rest",
            text: "#{@options.shape == "pushed" ? "Cover" : "Wrap"} it and let it rest#{cold}.",
            minutes: constant(drinks && !gnocchi? ? :rest_minutes : :rest_short_minutes),
            hold_minutes: gnocchi? ? 30 : 2880,
            look_for: "less sticky than before: starch and binder go on drinking"
          )
        end

        def taster
          return if @ours.boiling.nil? || %w[pushed spooned].include?(@options.shape)

          Step.new(
            kind: "boil",
            text: "#{cook} one piece before you shape the rest.",
            minutes: @ours.boiling.minutes_done&.then { |m| (2 * m).ceil / 2.0 },
            look_for:
              "holds its shape, tender through. If not, say what it did under “It came out otherwise”: grams for the rest stand there"
          )
        end

        def serve
          lines = @lines.aside.reject { |line| line.to_fry_in? && line.grams.nil? }
          if lines.empty?
            []
          else
            [Step.new(kind: "serve", text: "Serve with #{list(lines)}.", uses: lines, hold_minutes: 2)]
          end
        end
      end
    end
  end
end
