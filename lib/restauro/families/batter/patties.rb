module Restauro
  module Families
    class Batter
      # What flour only binds: mashed or minced, shaped by hand, chilled, fried.
      class Patties
        # @param swap [Swap]   @param lines [Lines]
        def initialize(swap, lines, catalogue)
          @swap = swap
          @ours = swap.ours
          @lines = lines
          @catalogue = catalogue
          freeze
        end

        # Softened or boiled before it is mixed; raw meat cooks in the pan.   @return [Array<Step>]
        def early
          companions = @lines.companions
          cooked = companions.lines - companions.at("brown") - companions.at("table") - @lines.raw_in
          [*boiled_roots, *Companions.new(cooked, @catalogue).early_steps]
        end

        # @return [Array<Step>]
        def steps = [mix, shape]

        private

        def list(lines) = Companions.named(lines, @catalogue)
        # Roots that nobody has boiled, grated or mashed yet.
        def boiled_roots
          raw = @lines.folded.select do |line|
            Dough::Contents.raw?(line.ingredient) && !line.text.match?(CompanionKinds::READY) &&
              !line.text.match?(Style::CUT_SMALL)
          end
          raw.any? ? [Companions.boil_roots(raw, @catalogue)] : []
        end

        # A purée is what is bound.
        def mashed = @lines.wet.select { |line| line.role == "puree" }
        def bound = [*(@lines.folded - cheese), *mashed]
        def cheese = @lines.folded.select { |line| line.role == "cheese" }
        def binding = [*@lines.dry, *(@lines.wet - mashed), *cheese, @swap.liquid].compact
        def safety = @lines.companions.safety(@lines.folded)

        def mix
          Step.new(kind: "mix", uses: [*bound, *binding],
                   look_for: "it holds when squeezed; loose: a spoon more flour",
                   text: "Mash or mince #{list(bound)}, not too fine; work in #{list(binding)}.",
                   safety: [("raw_meat" unless safety.empty?), "raw_flour"].compact)
        end

        def shape
          thick = Constants.fetch(:making, :patty_mm).round
          Step.new(kind: "shape",
                   text: "With wet hands, cakes or balls #{thick} mm thick; into the fridge, side by side.",
                   minutes: Constants.fetch(:making, :patty_chill_minutes), hold_minutes: 1440,
                   look_for: "firm: they hold when lifted")
        end
      end
    end
  end
end
