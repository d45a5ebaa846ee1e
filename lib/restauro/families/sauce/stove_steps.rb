# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # A sauce at the stove, from the fat or the cold liquid to the end of its simmer, with the minutes of its own
      # course.
      class StoveSteps
        include StoveWords

        BROWNED = {
          "blond" => "sandy and straw-coloured, smells of biscuit",
          "brown" => "the colour of a hazelnut, smells roasted",
          "dark" => "the colour of a chestnut, thin as oil"
        }.freeze
        POURED = {
          "cold_at_once" => "Pour in %s cold, all at once, whisking.",
          "portions" => "Whisk in %s in four or five portions, smooth each time.",
          "hot_at_once" => "Pour in %s hot, all at once, whisking hard."
        }.freeze
        PALE = "foams and smells of toast, still pale"
        LOOSE = "smooth and loose like thin cream; starch will not smell toasted, so go by the clock"

        LIAISON_SAFETY = %w[yolk_boiled egg_dish].freeze

        # Yolks that boil with the flour, behind what stewed in it.   @return [Array<Step>]
        def liaison
          return [] unless boiled_eggs? && stewed? && @swap.school == "roux"

          [Step.new(kind: "simmer", text: liaison_words, minutes: Constants.fetch(:making, :yolks_minutes),
                    uses: @lines.liaison, look_for: "thicker again, and smooth", safety: LIAISON_SAFETY)]
        end

        # Whether what is softened waits for the roux.
        def roux_first? = @swap.school == "roux" && Roux.first?(@formula.colour)

        # @return [Array<Step>]
        def steps
          case @swap.school
          when "roux"
            [roux, *(@lines.companions.into_roux if roux_first?), *wine, pour, boil, simmer, *late]
          when "reduction"
            [*wine, warm, boil_down]
          else
            SlurrySteps.new(@swap, @catalogue, @lines).steps
          end
        end

        private

        def roux
          fats, with = @lines.fats, [*@lines.thickeners, *(@lines.spices unless roux_first?)]
          melted = "Melt #{@lines.list(fats)} on medium. Stir in"
          start = softened? && !roux_first? ? "Into the pan with the fat: stir in" : melted
          Step.new(
            kind: "brown",
            text: "#{start} #{@lines.list(with)}.",
            minutes: minutes(Roux.seconds(@formula.colour)),
            uses: [*fats, *with],
            look_for: roux_look,
            caution: roux_caution,
            safety: @formula.colour == "white" ? [] : ["hot_roux"]
          )
        end

        def roux_look = @formula.colour == "white" ? (floury? ? PALE : LOOSE) : BROWNED.fetch(@formula.colour)
        def floury? = @lines.thickeners.any? { |line| @catalogue.fetch(line.ingredient).group != "starch" }

        def roux_caution
          return "Stir all the time, low at the end: black specks mean start again." unless @formula.colour == "white"

          butter = @lines.fats.find { |line| %w[butter plant_butter].include?(line.ingredient) } or return
          "#{butter.ingredient == "butter" ? "Butter" : "Plant butter"} going brown: off the heat at once."
        end

        # Spice would burn in a roux as dark as that.
        def pour
          lumps = LumpRisk.assess(@formula, @ours.options.pour || LumpRisk.usual("roux"))
          into = [*(@lines.wines if liquid.empty?), *poured, *(@lines.spices if roux_first?)]
          Step.new(
            kind: "mix",
            heat: "hob",
            text: poured_words(into, POURED.fetch(lumps.pour)),
            uses: into,
            look_for: "no lumps before it warms; press any flat against the side",
            caution:
              (
                if lumps.level == "low"
                  "Hot liquid at once onto a hot roux makes lumps."
                else
                  "#{lumps.words[0].upcase}#{lumps.words[1..]}."
                end
              )
          )
        end

        # What gives its juice goes in after what is poured; where nothing is, its juice loosens the roux.
        def poured_words(into, how)
          fruits = @lines.fruits
          return how % @lines.list(into) if fruits.empty? || into.empty?
          return "Stir in #{@lines.list(into)}." if into.none? { |line| line.role == "liquid" }

          "#{how % @lines.list(into - fruits)} Add #{@lines.list(fruits)}."
        end

        def boil
          Step.new(
            kind: "boil",
            text: "Stir on #{heat} until it boils.",
            minutes: minutes(boil_s - Roux.seconds(@formula.colour)),
            look_for: thickens_at
          )
        end

        def simmer
          now = boiled_eggs? && !stewed?
          Step.new(
            kind: "simmer",
            text: "#{with_along}Low heat, a slow bubble, stirring.#{" #{liaison_words}" if now}",
            minutes: simmer_minutes,
            uses: [*along, *(@lines.liaison if now)],
            look_for: seen,
            caution: Cautions.of_sauce(@ours).first,
            safety: [*@lines.companions.safety(along), *(LIAISON_SAFETY if now)]
          )
        end

        def liaison_words =
          "Off the heat, a ladle of it into #{@lines.list(@lines.liaison)}, whisking; back into the pan, and boil again."

        # What stews in the sauce for long would turn its yolks to grains.
        def stewed? = @lines.companions.simmer_steps.any?

        def boil_down
          left = @ours.cooking.liquid_g
          Step.new(
            kind: "reduce",
            text:
              "Boil it down on #{heat}, stirring, until #{left.round} g of liquid are left: weigh the pan before and after.",
            minutes: simmer_minutes,
            look_for: "it browns at the rim and #{seen}",
            caution: "Past this it splits: a spoonful of cold cream brings it back."
          )
        end
      end
    end
  end
end
