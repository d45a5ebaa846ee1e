# frozen_string_literal: true

module Restauro
  module Dishes
    # Parts of minced meat with crumbs or egg in it: mixed, shaped by hand, cooked all through (common practice).
    #   Needs @part, @catalogue, name and list.
    module PlainBound
      private

      def bound?(lines) = Bound.by_crumbs?(lines, @part.recipe.title)

      def bound(lines)
        return loaf(lines) if @part.recipe.title.to_s.match?(Bound::LOAF)

        dust, rest = lines.partition { |line| Bound.dusts?(line) }
        fat, mixed = rest.partition { |line| line.role == "fat" }
        [
          Families::Step.new(
            kind: "mix",
            text: "#{name}: by hand, and no longer than it takes: #{list(mixed)}.",
            uses: mixed,
            look_for: "no pocket of crumbs; it holds when squeezed",
            safety: ["raw_meat"]
          ),
          Families::Step.new(kind: "shape", uses: dust, look_for: "smooth, no cracks",
                             text: "With wet hands, #{bound_shape(mixed)}" \
                                   "#{"; roll them in #{list(dust)}" if dust.any?}."),
          *cooked_balls(lines, fat)
        ]
      end

      def cooked_balls(lines, fat)
        return [poached_balls(lines, fat)] if Bound.poached?(@part.recipe)

        Bound.baked?(@part.recipe) ? baked_alone(lines, uses: fat) : [browned_balls(lines, fat)]
      end

      def browned_balls(lines, fat)
        through(lines, kind: "brown", uses: fat, look_for: "no pink in the middle of the largest",
                       text: "Brown them on every side#{" in #{list(fat)}" if fat.any?}; lid on and low until they " \
                             "are done.")
      end

      # In what the sauce is made of then.
      def poached_balls(lines, fat)
        through(lines, kind: "simmer", uses: fat,
                       look_for: "no pink in the middle of the largest; never at a rolling boil",
                       text: "Slide them into the stock, or salted water, just under the boil; low until they are " \
                             "done; lift them out.")
      end

      def through(lines, minutes: Constants.fetch(:making, :meatball_minutes), **more)
        Families::Step.new(minutes: minutes, safety: Families::Companions.new(lines, @catalogue).safety(lines), **more)
      end

      # In the recipe's oven, as long as it says.
      def baked_alone(lines, uses: [], minutes: Constants.fetch(:making, :meatball_bake_minutes))
        said = Said.of(@part.recipe)
        oven = said.oven || Kitchen::OvenTemperature.new(celsius: Constants.fetch(:making, :loaf_celsius))
        [
          Families::Step.new(kind: "preheat", text: "Heat the oven to #{oven.say}.", celsius: oven.celsius,
                             minutes: Constants.fetch(:crust, :preheat_minutes)),
          through(lines, kind: "bake", uses: uses, celsius: oven.celsius, minutes: said.bake_minutes || minutes,
                         attended: false,
                         text: "Bake at #{oven.say}#{", turned in #{list(uses)}" if uses.any?}.",
                         look_for: "no pink in the middle, its juice clear")
        ]
      end

      # One loaf, done in its middle.
      def loaf(lines)
        [
          Families::Step.new(kind: "mix", text: "#{name}: by hand, and no longer than it takes: #{list(lines)}.",
                             uses: lines, look_for: "no pocket of crumbs", safety: ["raw_meat"]),
          Families::Step.new(kind: "shape", text: "Press it into a loaf tin, or shape a loaf on a lined tray.",
                             look_for: "smooth, no cracks"),
          *baked_alone(lines, minutes: Constants.fetch(:making, :loaf_minutes))
        ]
      end

      # As many as the recipe makes of them, each weighed.
      def bound_shape(lines)
        flat = Bound.flat?(@part.recipe.title)
        count = Said.of(@part.recipe).makes
        return flat ? "flat cakes a finger thick" : "balls the size of a walnut" unless count

        each = lines.sum { |line| line.grams&.value.to_f } / count
        "#{count} #{flat ? "flat cakes a finger thick" : "balls"}, #{each.round} g each"
      end
    end
  end
end
