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
        safety = Families::Companions.new(meat, @catalogue).safety(meat)
        [*rubbed(meat, lines - meat),
         Families::Step.new(kind: "preheat", text: "Heat the oven to #{oven.say}.", celsius: oven.celsius,
                            minutes: Constants.fetch(:crust, :preheat_minutes)),
         Families::Step.new(kind: "bake", text: "Roast #{list(meat)} at #{oven.say}.", uses: meat,
                            celsius: oven.celsius, minutes: said.bake_minutes || Roast.minutes(meat),
                            attended: false, look_for: done(meat), safety: ["middle_decides", *safety]),
         Families::Step.new(kind: "rest", text: "Let it stand under foil; what runs out of it goes into the gravy.",
                            minutes: Constants.fetch(:dishes, :roast_rest_minutes),
                            look_for: "its juice no longer runs when it is cut")]
      end

      def rubbed(meat, rest)
        return [] if rest.empty?

        [Families::Step.new(kind: "mix", text: "Rub or fill #{list(meat)} with #{list(rest)}.", uses: rest,
                            look_for: "dry skin under the fat browns", safety: ["raw_meat"])]
      end

      def done(meat) =
        meat.any? { |line| line.kind == "poultry" } ? "no pink at the bone, its juice clear" : "as done as you want it"
    end
  end
end
