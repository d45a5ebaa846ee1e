module Restauro
  module Families
    class Breading
      # What is made by hand before it is coated: cakes, balls, eggs in their wrapping, pieces with something in them.
      class ByHand
        PULSES = DataFiles.words("ingredients/words.yml").fetch(:mashed_pulses)
        SHUT = {true => "shut all round: what melts runs out of a gap", false => "flat, nothing loose"}.freeze
        private_constant :PULSES, :SHUT

        # @param ours [Prediction]   @param lines [Lines]
        def initialize(ours, lines, catalogue)
          @ours = ours
          @lines = lines
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Step>]
        def steps = [*cooked_first, cakes, balls, wrapped, pressed || stuffed].compact

        private

        def list(lines) = Companions.named(lines, @catalogue)

        # Raw roots and fish are cooked before they go into a cake.
        def cooked_first
          raw = @lines.mixture.reject { |line| line.text.match?(CompanionKinds::READY) }
          roots = raw.select { |line| Dough::Contents.raw?(line.ingredient) }
          fish = raw.select { |line| line.kind == "fish" && !@lines.blitzed? && !line.text.match?(Lines::LOOSE) }
          [(Companions.boil_roots(roots, @catalogue) if roots.any?), (poached(fish) if fish.any?)]
        end

        def poached(fish)
          Step.new(kind: "simmer", text: "Poach #{list(fish)} in water that hardly moves, lid on; drain, and flake it.",
                   minutes: Constants.fetch(:making, :poach_minutes), uses: fish,
                   look_for: "opaque, and comes apart in flakes", safety: ["fish"])
        end

        def cakes
          mixture = @lines.mixture
          return if mixture.empty?

          Step.new(kind: "shape", uses: mixture, hold_minutes: 1440, look_for: "they hold when lifted",
                   text: "#{mashed?(mixture) ? "Mash" : "Mix"} #{list(mixture)}; shape into #{shapes}, and chill " \
                         "them until they are firm.",
                   safety: [*@lines.companions.safety(mixture & @lines.companions.lines), *raw_egg(mixture)])
        end

        # Roots, and beans out of their tin.
        def mashed?(mixture) = @lines.rolls? || mixture.any? { |line| line.text.match?(PULSES) }
        def shapes = round? ? "#{so_many}balls of #{@ours.options.piece.millimetres.round} mm#{middle}" :
                              "#{count}#{@lines.shaped}"
        def round? = @ours.options.piece&.kind == "ball"
        def so_many = @ours.pieces&.first&.then { |count| "#{count} " }
        def middle
          alone = (@lines.mixture + @lines.coated - @lines.inside).empty?
          ", a piece of #{list(@lines.inside)} in the middle of each" if @lines.inside.any? && !alone
        end

        def count = (so_many if @lines.bound?)
        def raw_egg(mixture) = mixture.any? { |line| line.ingredient.to_s.start_with?("egg") } ? ["egg_dish"] : []

        # What is soft is made into balls, what melts in the middle; cheese alone is pressed together.
        def balls
          return if !round? || @lines.mixture.any? || @lines.coated.empty?

          around = @lines.coated - @lines.inside
          Step.new(kind: "shape", uses: @lines.coated, hold_minutes: 1440,
                   text: "With wet hands, from #{list(around.any? ? around : @lines.coated)}, #{shapes}.",
                   look_for: "firm and cold; no cracks where the middle could leak")
        end

        # Eggs in their shells first, then what goes around them.
        def wrapped
          eggs = @lines.wrapped
          return if eggs.empty?

          around = @lines.around
          share = " Wrap each in its share of #{list(around)}#{", mixed" if around.length > 1}." if around.any?
          boiled = eggs.all? { |line| line.kind == "cooked_egg" }
          said = Companions.list(eggs.map { |line| line.text.strip })
          first = boiled ? "Peel #{said}." : "Boil #{said} in their shells until they are set; cool them in cold " \
                                             "water and peel."
          Step.new(kind: boiled ? "shape" : "boil", text: "#{first}#{share}", uses: [*eggs, *around],
                   minutes: (boil_minutes(eggs) unless boiled),
                   look_for: "no gap where they are wrapped", safety: ["egg_dish", *@lines.companions.safety(around)])
        end

        def boil_minutes(eggs)
          small = eggs.any? { |line| line.text.match?(WrappedEggs::SMALL) }
          Constants.fetch(:making, small ? :small_egg_boil_minutes : :egg_boil_minutes)
        end

        def pressed
          return unless @lines.sandwich?

          Step.new(kind: "shape", text: "Make sandwiches of #{list(@lines.coated)}, pressed together.",
                   uses: @lines.coated, look_for: "nothing shows at the edge: it runs out there")
        end

        # A pocket, or rolled around it.
        def stuffed
          return if @lines.stuffing.empty?

          pieces, inside = list(@lines.coated - @lines.stuffing), list(@lines.stuffing)
          Step.new(kind: "shape", text: stuffed_how(pieces, inside),
                   uses: @lines.coated | @lines.stuffing, hold_minutes: 1440, look_for: SHUT[@lines.pinned.empty?],
                   safety: @lines.companions.safety(@lines.coated & @lines.companions.lines))
        end

        def stuffed_how(pieces, inside)
          return "Lay #{inside} on #{pieces}, a share on each, and pin them with wooden picks." if @lines.pinned.any?
          return "Slit #{pieces} or hollow them out; fill them with #{inside}, and press them shut." if @lines.hollow?

          "Cut a pocket in each of #{pieces}, or roll it up: in it a share of #{inside}; close it."
        end
      end
    end
  end
end
