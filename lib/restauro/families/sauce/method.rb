module Restauro
  module Families
    class Sauce
      # The steps of a swap, in order, with minutes from its own course.
      class Method
        BROWNED = {"blond" => "sandy and straw-coloured, smells of biscuit", "brown" => "the colour of a hazelnut, smells roasted",
                   "dark" => "the colour of a chestnut, thin as oil"}.freeze
        POURED = {"cold_at_once" => "Pour in %s cold, all at once, whisking.",
                  "portions" => "Whisk in %s in four or five portions, smooth each time.",
                  "hot_at_once" => "Pour in %s hot, all at once, whisking hard."}.freeze
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
        def steps = [clean, *way, *Finish.new(@swap, @catalogue).steps].compact

        # At the stove, from the fat to the simmer.
        def way
          case @swap.school
          when "roux" then [roux, pour, boil, simmer]
          when "slurry" then [warm, stir_slurry, simmer]
          else [warm, boil_down]
          end
        end

        private

        def thickeners = list(@swap.thickeners.map { |line| "#{grams(line)} #{say(line)}" })
        def say(line) = @catalogue.fetch(line.ingredient).say
        def grams(line) = "#{line.grams.value.round} g"
        def list(words) = words.length < 2 ? words.join : "#{words[0..-2].join(", ")} and #{words.last}"
        def minutes(seconds) = (seconds / 60.0 * 2).round / 2.0

        def lines(role) = @ours.recipe.ingredients.select { |line| line.role == role }
        def liquids = lines("liquid").reject { |line| line.equal?(@formula.slurry_line) || sharp?(line) } + fruits
        def fruits = @ours.recipe.ingredients.select { |line| line.counted? && @catalogue.fetch(line.ingredient).group == "fruit" }
        def sharp?(line) = Finish.sharp?(@catalogue.find_key(line.ingredient))

        def clean
          Step.new(text: "Set out a clean pan, whisk and board, and the packs.",
                   caution: "For a coeliac: packs labelled gluten free, gluten-free pot first, no shared spoon.")
        end

        def roux
          fats = lines("fat").map { |line| line.counted? ? "#{grams(line)} #{say(line)}" : line.text }
          Step.new(text: "Melt #{list(fats)} on medium. Stir in #{thickeners}.", minutes: minutes(roux_s),
                   look_for: roux_look, caution: roux_caution)
        end

        def roux_s = Roux.seconds(@formula.colour)
        def roux_look = @formula.colour == "white" ? (floury? ? PALE : LOOSE) : BROWNED.fetch(@formula.colour)

        def roux_caution
          return "Butter going brown: off the heat at once." if @formula.colour == "white"

          "Stir all the time, low at the end: black specks mean start again. It is far hotter than boiling: pour with care, mind the steam."
        end

        def floury? = @swap.thickeners.any? { |line| @catalogue.fetch(line.ingredient).group != "starch" }

        def pour
          lumps = LumpRisk.assess(@formula, @ours.options.pour || LumpRisk.usual("roux"))
          Step.new(text: POURED.fetch(lumps.pour) % liquid_words, look_for: "no lumps before it warms; press any flat against the side",
                   caution: lumps.level == "low" ? "Hot liquid at once onto a hot roux makes lumps." : "#{lumps.words[0].upcase}#{lumps.words[1..]}.")
        end

        def boil_down
          left = @ours.cooking.liquid_g
          Step.new(text: "Boil it down on #{heat}, stirring, until #{left.round} g of liquid are left: weigh the pan before and after.",
                   minutes: minutes(@ours.end_seconds - boil_s),
                   look_for: "it browns at the rim and #{LookFors.does(@ours.viscosity_pan.value)}; #{on_plate}",
                   caution: "Past this it splits: a spoonful of cold cream brings it back.")
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
          onset = thickening_celsius
          Step.new(text: "Stir on #{heat} until it boils.", minutes: minutes(boil_s - roux_s),
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
      end
    end
  end
end
