# frozen_string_literal: true

module Restauro
  module Dishes
    # What is done with the parts once they are made, where no family does it itself: layered and baked, poured over at
    # the table, chilled and shaped.
    class Assembly
      include BakeLooks
      include Layering
      include SetAndCut

      # @param answers [Array<PartAnswer>]   @param bake [Bake, nil] where it is layered
      def initialize(dish, answers, catalogue, bake)
        @dish = dish
        @answers = answers
        @bake = bake
        @catalogue = catalogue
        freeze
      end

      # @return [Array<Families::Step>]
      def steps
        [*set_and_cut, *layered, *grilled, *cracked, *at_table.steps].compact
      end

      # After all is served.   @return [Array<Families::Step>]
      def on_plates = at_table.scattered

      private

      def at_table =
        AtTable.new(@dish, @answers, @catalogue, in_oven: baked? || grilled?, rolled_up: rolled_up?, filling: rolled_in)

      def step(**more) = Families::Step.new(**more)
      def figure(name) = Constants.fetch(:dishes, name)
      # A dish that goes into the oven though no crust, coat or batter of it is baked.
      def baked? =
        @dish.said.baked && !baked_alone? && main_roles != [:dough] &&
          !main_roles.intersect?(layers? ? %i[shell] : %i[shell coat])

      # The oven is for the roast alone, or for what crumbs hold together.
      def baked_alone? = @dish.parts.any? { |part| Roast.part?(part) || Bound.baked_alone?(part, @dish) }
      # What is strewn over at last is not what is baked.
      def main_roles = @dish.parts.each_index.reject { |index| strewn?(index) }.map { |index| @dish.parts[index].role }
      def strewn?(index) =
        @dish.parts[index].role == :coat && @dish.joins_from(index).any? { |join| join.how == "covers" }
      def layers? = rolled_up? || @dish.joins.any? { |join| join.how == "between" }

      def layered
        return [] unless baked?

        oven =
          (@dish.said.bakes.last.last if baked_before?) || @dish.said.oven ||
          Kitchen::OvenTemperature.new(celsius: figure(@bake ? :bake_layered_celsius : :bake_celsius))
        [*(baked_before? ? turned(oven) : [heat(oven)]),
         step(kind: "shape", text: "#{fill}.",
              uses: @answers.flat_map(&:lines).select { |line| line.grams && laid?(line) } + cases,
              look_for: "no higher than a finger under the rim"),
         *bakes(oven), risen? ? straight : stand]
      end

      # A sauce alone, or what was boiled to lie under it; a coat with its sauce and cheese on it.
      def grilled?
        families = main_parts.map { |part| part.part.role if part.part.family }
        @dish.said.grills && !baked? && (families.compact == [:sauce] || (layers? && families.compact == [:coat]))
      end

      # Browned from above, where nothing is baked.
      def grilled
        return [] unless grilled?

        text = toast.empty? || sandwich? ? fill : "Spread it on #{list(toast)}, toasted on both sides"
        [step(kind: "brown", text: "#{text}; under a hot grill.", minutes: figure(:grill_minutes), uses: toast + pasta,
              look_for: BROWN, safety: ["reheat"])]
      end

      # Eggs set in the sauce, where it is not baked.
      def cracked
        eggs = @answers.select { |part| CrackedEggs.alone?(part.lines) }.flat_map(&:lines)
        return [] if baked? || eggs.empty?

        [step(kind: "simmer", text: "A hollow for each of #{CrackedEggs.say(eggs)}, broken into it; lid on, low.",
              uses: eggs, minutes: figure(:cracked_egg_minutes),
              look_for: "the white set all through, the yolk as you like it",
              safety: ["egg_dish"])]
      end

      def main_parts = @answers.reject.with_index { |part, index| part.part.place != :main || strewn?(index) }
      def list(lines) = Families::Companions.named(lines, @catalogue)

      def stand
        step(kind: "rest", text: "Let it stand before it is served.", minutes: figure(:rest_minutes),
             look_for: "it sets enough to be cut", safety: ["hot_filling"])
      end

      def straight = step(kind: "serve", text: "Straight to the table: it sinks within minutes.", hold_minutes: 2)

      # The recipe's own minutes; else under foil until what is layered is soft, and open to brown.
      def bakes(oven)
        told = "Bake at #{oven.say}#{in_the_dish}#{", covered" if covered?}#{"; the door stays shut" if risen?}."
        return [bake(oven, told, told_minutes || figure(:bake_minutes), looks)] if told?

        covered = Bake.covered_minutes(@bake.with, @bake.pan&.depth_cm || figure(:bake_depth_cm))
        [bake(oven, "Bake at #{oven.say}#{in_the_dish}, covered.", covered,
              "a knife goes through the #{@bake.with} without a push"),
         bake(oven, "Uncover it, to brown.", figure(:bake_brown_minutes), BROWN)]
      end

      def heat(oven) =
        step(kind: "preheat", text: "Heat the oven to #{oven.say}.",
             minutes: Constants.fetch(:crust, :preheat_minutes), celsius: oven.celsius)

      # Its coat is out of the same oven.
      def baked_before? =
        !@dish.said.oven.nil? && @dish.parts.each_index.any? { |index| Place.new(@dish, index).baked_before? }
      def turned(oven)
        return [] if oven.celsius == @dish.said.oven.celsius

        [step(kind: "preheat", text: "Turn the oven to #{oven.say}.", celsius: oven.celsius)]
      end
      def told_minutes = baked_before? ? @dish.said.bakes.last.first : @dish.said.bake_minutes

      def told? = @bake.nil? || !@dish.said.bake_minutes.nil?
      def in_the_dish = (@bake&.pan || @dish.said.pan)&.then { |pan| " in the #{pan.say} dish" }

      def bake(oven, text, minutes, look_for)
        step(kind: "bake", text: text, minutes: minutes, celsius: oven.celsius, look_for: look_for,
             safety: [risen? ? "egg_dish" : "reheat", "middle_decides", *done_in_it])
      end
    end
  end
end
