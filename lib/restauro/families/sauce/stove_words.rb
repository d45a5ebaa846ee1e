# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # What the roux, the slurry and the reduction do alike at the stove: wine, the boil, the simmer's look, late
      # starch.
      module StoveWords
        def initialize(swap, catalogue, lines)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          @lines = lines
          @formula = @ours.cooking.formula
          freeze
        end

        private

        def minutes(seconds) = (seconds / 60.0 * 2).round / 2.0
        def heat = @ours.options.heat.tr("_", "-")
        def boil_s = @ours.boil_seconds || @ours.end_seconds
        def simmer_minutes = minutes(@ours.end_seconds - boil_s)
        def boiled_eggs? = @lines.eggs.any? && @ours.boiled_eggs?
        def liquid = [*@lines.fruits, *@lines.liquids]
        def poured = liquid + @lines.pastes + @lines.sugars + @lines.companions.at("infuse")
        # A simmer as long as it takes to cook what goes in is done with it in the pan.
        def along = @lines.companions.along(simmer_minutes)
        def with_along = along.any? ? "#{Companions.list(along.map { |line| @lines.say(line) })} into the pan. " : ""
        def softened? = @lines.companions.at("soften").any?

        # Wine is boiled before the stock goes in: it is sharp else.
        def wine
          wines = @lines.wines
          return [] if wines.empty? || liquid.empty?

          [
            Step.new(
              kind: "simmer",
              text: "Pour in #{@lines.list(wines)}#{", stirring" if @swap.school == "roux"}; let it bubble.",
              minutes: 1.0,
              uses: wines,
              look_for: "it no longer smells sharp"
            )
          ]
        end

        # Where the sauce has half its body on the way up.
        def thickens_at
          half = @ours.flour_equivalents.value / 2
          onset = @ours.course.find { |point| point.flour_equivalents && point.flour_equivalents >= half }&.celsius
          onset && "thickens #{"late, " if onset > 85}past #{onset.round} °C, scrape the corners of the pan"
        end

        # Starch that stays beside a new thickener goes in at the end, stirred cold.
        def late
          lines = @lines.late_thickeners
          return [] if lines.empty?

          [
            Step.new(
              kind: "simmer",
              text: "Stir #{@lines.list(lines)} smooth in a little cold water; pour it in, whisking; boil a minute.",
              minutes: 1.0,
              uses: lines,
              look_for: "glossier, and a little thicker"
            )
          ]
        end

        def seen = "#{LookFors.does(@ours.viscosity_pan.value)}; #{on_plate}"

        # How much thicker it will be when it is served.
        def on_plate
          times = @ours.viscosity_plate.value / @ours.viscosity_pan.value
          return "served this hot it stays as it is" if times < Constants.fetch(:sauce, :served_as_seen)

          "on the plate it will be #{times.round(1) == 2 ? "twice" : "#{times.round(1)} times"} as thick"
        end

        def milk_climbs =
          if @formula.liquids.any? { |part| part.ingredient.allergens.include?("milk") }
            "Milk climbs: stay with it."
          end

        def warm
          return stew_fruit if @lines.liquids.empty? && @lines.fruits.any?

          first = [*(@lines.wines if liquid.empty?), *poured, *@lines.spices, *(@lines.fats unless softened?)]
          Step.new(
            kind: "boil",
            text: "Bring #{@lines.list(first)} to the boil on #{heat}.",
            minutes: minutes(boil_s),
            uses: first,
            look_for: "bubbles right across, not only at the rim",
            caution: milk_climbs
          )
        end

        def stew_fruit
          with = [*@lines.fruits, *@lines.sugars, *@lines.wines, *@lines.pastes, *@lines.fats, *@lines.spices]
          Step.new(
            kind: "simmer",
            text: "#{@lines.list(with)} into the pan, lid on, low; stir now and then.",
            minutes: minutes(boil_s),
            uses: with,
            look_for: "the juice runs and boils, the fruit still holds its shape"
          )
        end
      end
    end
  end
end
