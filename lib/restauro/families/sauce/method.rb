module Restauro
  module Families
    class Sauce
      # The steps of a swap, in order, with minutes from its own course.
      class Method
        # text String · minutes Float or nil · look_for String or nil · caution String or nil
        Step = Struct.new(:text, :minutes, :look_for, :caution, keyword_init: true) do
          def initialize(text:, minutes: nil, look_for: nil, caution: nil)
            super
            freeze
          end
        end
        LATE_ROLES = %w[seasoning cheese egg other lift].freeze
        PALE = "foams and smells of toast, still pale"
        LOOSE = "smooth and loose like thin cream; starch will not smell toasted, so go by the clock"

        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          @formula = @ours.cooking.formula
          freeze
        end

        # @return [Array<Step>]
        def steps = (roux? ? [clean, roux, pour] : [clean, warm, stir_slurry]).concat([boil, simmer, finish, stand, keep]).compact

        private

        def roux? = @swap.school == "roux"
        def thickeners = list(@swap.thickeners.map { |line| "#{grams(line)} #{say(line)}" })
        def say(line) = @catalogue.fetch(line.ingredient).say
        def grams(line) = "#{line.grams.value.round} g"
        def list(words) = words.length < 2 ? words.join : "#{words[0..-2].join(", ")} and #{words.last}"
        def minutes(seconds) = (seconds / 60.0 * 2).round / 2.0

        def lines(role) = @ours.recipe.ingredients.select { |line| line.role == role }
        def liquids = lines("liquid").reject { |line| line.equal?(@formula.slurry_line) || sharp?(line) }
        
        def sharp?(line)
          ingredient = @catalogue.find_key(line.ingredient)
          ingredient&.ph && ingredient.ph < 4.7 && ingredient.buffer_mmol_kg_ph >= 30 && ingredient.alcohol_pct.to_f.zero?
        end

        def clean
          Step.new(text: "Set out a clean pan, whisk and board, and the packs.",
                   caution: "For a coeliac: packs labelled gluten free, gluten-free pot first, no shared spoon.")
        end

        def roux
          fats = lines("fat").map { |line| line.counted? ? "#{grams(line)} #{say(line)}" : line.text }
          Step.new(text: "Melt #{list(fats)} on medium. Stir in #{thickeners}.", minutes: minutes(Constants.fetch(:sauce, :roux_seconds)),
                   look_for: floury? ? PALE : LOOSE, caution: "Butter going brown: off the heat at once.")
        end

        def floury? = @swap.thickeners.any? { |line| @catalogue.fetch(line.ingredient).group != "starch" }

        def pour
          Step.new(text: "Pour in #{liquid_words} cold, all at once, whisking.",
                   look_for: "no lumps before it warms; press any flat against the side", caution: "Hot liquid at once onto a hot roux makes lumps.")
        end

        def warm
          Step.new(text: "Bring #{liquid_words} to the boil on #{heat}#{with_fat}.", minutes: minutes(boil_s),
                   look_for: "bubbles right across, not only at the rim", caution: ("Milk climbs: stay with it." if milk?))
        end

        def milk? = @formula.liquids.any? { |part| part.ingredient.allergens.include?("milk") }
        def with_fat = lines("fat").any?(&:counted?) ? ", the #{list(lines("fat").select(&:counted?).map { |line| say(line) })} in it" : ""

        def stir_slurry
          water = @formula.slurry_line ? "#{grams(@formula.slurry_line)} cold water" : "cold water"
          Step.new(text: "Stir #{thickeners} smooth in #{water}. Pour it in a thin stream, whisking.", minutes: 0.5,
                   look_for: "clouded, then glossy within half a minute",
                   caution: "Dry starch or a warm slurry makes lumps: cold, stirred again just before.")
        end

        def liquid_words = list(liquids.map { |line| line.counted? ? "#{grams(line)} #{say(line)}" : line.text })
        def heat = @ours.options.heat.tr("_", "-")
        def boil_s = @ours.boil_seconds || @ours.end_seconds

        def boil
          return unless roux?

          onset = thickening_celsius
          Step.new(text: "Stir on #{heat} until it boils.", minutes: minutes(boil_s - Constants.fetch(:sauce, :roux_seconds)),
                   look_for: onset && "thickens #{onset > 85 ? "late, " : ""}past #{onset.round} °C, scrape the corners of the pan")
        end

        # Where the sauce has half its body on the way up.   @return [Float, nil] C
        def thickening_celsius
          half = @ours.flour_equivalents.value / 2
          @ours.course.find { |point| point.flour_equivalents && point.flour_equivalents >= half }&.celsius
        end

        def simmer
          Step.new(text: "Low heat, a slow bubble, stirring.", minutes: minutes(@ours.end_seconds - boil_s),
                   look_for: "#{LookFors.does(@ours.viscosity_pan.value)}; #{on_plate}",
                   caution: Cautions.of_sauce(@ours).first)
        end

        # How much thicker it will be when it is served.
        def on_plate
          times = @ours.viscosity_plate.value / @ours.viscosity_pan.value
          return "served this hot it stays as it is" if times < 1.2

          "on the plate it will be #{times.round(1) == 2 ? "twice" : "#{times.round(1)} times"} as thick"
        end

        def finish
          late = @ours.recipe.ingredients.select { |line| line.understood && (LATE_ROLES.include?(line.role) || sharp?(line)) }
          return if late.empty?

          Step.new(text: "Off the heat, stir in #{late.map { |line| short(line) }.join("; ")}.", caution: finish_caution(late))
        end

        def short(line) = line.text.strip.sub(/\A[-*•]\s*/, "")

        def finish_caution(late)
          return "Cheese above 85 °C goes stringy: off the boil, by handfuls." if late.any? { |line| line.role == "cheese" }

          "Egg needs heat to be done: stir in a ladle of hot sauce first, then bring it back to 71 °C." if late.any? { |line| line.role == "egg" }
        end

        def stand
          return if @ours.cooling.empty?

          Step.new(text: "Serve at about #{@ours.serve_celsius.round} °C.", minutes: minutes(@ours.cooling.last.seconds - @ours.end_seconds),
                   look_for: "#{LookFors.does(@ours.viscosity_plate.value)}; it goes on thickening as it cools")
        end

        def keep
          storage = DataFiles.yaml("families/sauce/thickener_notes.yml").values_at(*@swap.thickeners.map(&:ingredient)).compact.flatten
                             .select { |note| note["kind"] == "storage" }.map { |note| note["text"] }
          Step.new(text: "Keep what is left in a shallow dish in the fridge, 3 to 4 days; reheat to a rolling boil.",
                   caution: ["Down to 21 °C within 2 hours and to 5 °C in 4 more; follow your local rules.", *storage].join(" "))
        end
      end
    end
  end
end
