# frozen_string_literal: true

module Restauro
  module Dishes
    # A part that is roasted by itself: rubbed, in the oven, and left to stand while its gravy is made.
    #   Needs @part, @catalogue and list.
    module PlainRoast
      private

      def roast?(_lines) = Roast.part?(@part)

      def roast(lines)
        meat = lines.select { |line| Roast.meat?(line) }
        said = Said.of(Roast.told(@part.recipe), roasts: true)
        oven = said.oven || Kitchen::OvenTemperature.new(celsius: Constants.fetch(:dishes, :roast_celsius))
        around, rubbed = (lines - meat).partition { |line| around?(line) }
        inside = rubbed.any? { |line| Roast.stuffing?(line) } ? rubbed : []
        steps = [*rubbed(meat, rubbed),
                 Families::Step.new(kind: "preheat", text: "Heat the oven to #{oven.say}.", celsius: oven.celsius,
                                    minutes: Constants.fetch(:crust, :preheat_minutes)),
                 roasted_alone(meat, around, inside, oven, said),
                 Families::Step.new(kind: "rest", minutes: Constants.fetch(:dishes, :roast_rest_minutes),
                                    text: "Let it stand under foil; what runs out of it goes into the gravy.",
                                    look_for: "its juice no longer runs when it is cut")]
        said.turned ? said.turned.split(steps, said) : steps
      end

      def roasted_alone(meat, around, inside, oven, said)
        safety = [*Families::Companions.new(meat, @catalogue).safety(meat), *("stuffed" if inside.any?)]
        Families::Step.new(kind: "bake", uses: meat + around, celsius: oven.celsius,
                           text: "Roast #{list(meat)} at #{oven.say}#{beside(around)}.",
                           minutes: said.bake_minutes || Roast.minutes(meat, inside), attended: false,
                           look_for: done(meat), safety: ["middle_decides", *safety])
      end

      # Potatoes and roots lie beside it for as long as they take; an onion or a lemon goes in it.
      def around?(line) = line.grams && line.grams.value >= Constants.fetch(:dishes, :roast_around_g) && root?(line)
      def root?(line) = line.kind == "simmer" || line.ingredient.to_s.start_with?("raw_")
      def beside(around) = (", #{list(around)} around it for the last hour" if around.any?)

      def rubbed(meat, rest)
        return [] if rest.empty?

        [Families::Step.new(kind: "mix", text: "Rub or fill #{list(meat)} with #{list(rest)}.", uses: rest,
                            look_for: "dry skin under the fat browns", safety: ["raw_meat"])]
      end

      def done(meat)
        return "no pink at the bone, its juice clear" if meat.any? { |line| line.kind == "poultry" }

        "the middle as hot as below"
      end
    end
  end
end
