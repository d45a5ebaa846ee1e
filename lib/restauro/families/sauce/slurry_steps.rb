# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # A sauce thickened without a roux: whisked in cold, stirred in as a slurry, or with yolks as a custard.
      class SlurrySteps
        include StoveWords

        WARM_EGGS = "smooth and pale"

        # @return [Array<Step>]
        def steps
          return cold_start if cold_start?

          [*wine, warm, *tender_first, thickened, simmered, *late].compact
        end

        private

        def thickened
          return crumbs_in if @lines.of_crumbs?

          boiled_eggs? ? custard : stir_slurry
        end

        # They swell in what is already hot; what gave its taste is out of the way.
        def crumbs_in
          out = @lines.companions.at("infuse")
          lifted = "Lift out #{Finish.names(out)}. " if out.any?
          Step.new(kind: "mix", text: "#{lifted}Stir in #{@lines.list(@lines.crumbs)}.", uses: [*out, *@lines.crumbs],
                   look_for: "every crumb wet: they go on swelling")
        end

        # A slurry that stews for long goes thin: what takes its time is done before it goes in.
        def tender_first = boiled_eggs? ? [] : @lines.companions.simmer_steps(but: along + @lines.companions.quick)

        # Flours without fat are whisked in cold and heated with the liquid.
        def cold_start? =
          @lines.thickeners.any? &&
            @lines.thickeners.none? { |line| Cooking.late?(@catalogue.fetch(line.ingredient)) } && !boiled_eggs?

        def cold_start
          with = [*@lines.thickeners, *@lines.spices]
          [
            Step.new(
              kind: "mix",
              text:
                "Whisk #{@lines.list(with)} smooth in a little of the cold liquid, then in all of it: " \
                  "#{@lines.list(wet)}#{fat_in}.",
              uses: [*with, *wet, *@lines.fats],
              look_for: "no lumps: press any flat against the side"
            ),
            Step.new(
              kind: "boil",
              text: "Stir on #{heat} until it boils.",
              minutes: minutes(boil_s),
              look_for: thickens_at,
              caution: milk_climbs
            ),
            simmered,
            *late
          ]
        end

        def wet = [*@lines.wines, *poured, @lines.slurry].compact
        def fat_in = @lines.fats.any? ? ", #{@lines.list(@lines.fats)} with it" : ""
        def stir_slurry
          return if @lines.thickeners.empty?

          water = @lines.slurry ? "#{Companions.grams(@lines.slurry)}cold water" : "cold water"
          Step.new(
            kind: "mix",
            heat: "hob",
            text: "Stir #{@lines.list(@lines.thickeners)} smooth in #{water}. Pour it in a thin stream, whisking.",
            minutes: 0.5,
            uses: [*@lines.thickeners, @lines.slurry],
            look_for: "clouded, then glossy within half a minute",
            caution: "Dry starch or a warm slurry makes lumps: cold, stirred again just before."
          )
        end

        # Yolks and starch together: whisked smooth, tempered, boiled.
        def custard
          with = [*@lines.thickeners, *@lines.eggs, @lines.slurry].compact
          Step.new(
            kind: "mix",
            heat: "hob",
            text:
              "Whisk #{@lines.list(with)} smooth with a little of the sugar and cold liquid. A ladle of the hot liquid into it, " \
                "whisking; then all of it back into the pan.",
            minutes: 1.0,
            uses: with,
            look_for: WARM_EGGS
          )
        end

        def simmered
          eggs = boiled_eggs?
          Step.new(
            kind: "simmer",
            text:
              (
                if eggs
                  "Whisk until it boils, then two minutes at the boil, into the corners."
                else
                  "#{with_along}Low heat, a slow bubble, stirring."
                end
              ),
            minutes: simmer_minutes,
            uses: eggs ? [] : along,
            look_for: seen,
            caution: Cautions.of_sauce(@ours).first,
            safety: eggs ? %w[yolk_boiled egg_dish] : @lines.companions.safety(along)
          )
        end
      end
    end
  end
end
