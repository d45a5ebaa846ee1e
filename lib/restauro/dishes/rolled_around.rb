# frozen_string_literal: true

module Restauro
  module Dishes
    # Pancakes around what was made for them.   Needs @answers, @filling and step.
    module RolledAround
      private

      # What is made for a batter that goes around nothing.   @return [Join, nil]
      def beside_batter =
        @dish.joins.find { |join| join.how == "fills" && @answers[join.to].batter? && !@answers[join.to].pancakes? }

      # Into puddings; under what swims, which is soft in a minute.
      def with_batter
        inside, batter = @answers.values_at(beside_batter.from, beside_batter.to)
        name = inside.name.downcase
        under = "The #{name}, hot; the pieces on it at the last moment."
        step(text: batter.puddings? ? "Fill them with the #{name}, hot." : under, part: inside.name,
             hold_minutes: 5, look_for: "both hot", safety: ["hot_hold"])
      end

      # Pancakes around what was made for them; crumbs go on after.
      def around
        return tight if @answers.any? { |part| part.family&.key == "breading" }
        return with_eggs if eggs.any?

        step(text: "#{spread}, hot; roll it up or fold it.", part: @filling&.name,
             look_for: "both hot", safety: ["hot_hold"])
      end

      def tight =
        Families::Step.new(kind: "shape", part: @filling&.name, look_for: "nothing shows at the ends",
                           text: "#{spread}, cold; fold the sides in and roll it up tight.")

      # Each back in the pan, for the white sets before it is folded over.
      def with_eggs
        Families::Step.new(kind: "fry", part: @filling.name, uses: eggs,
                           minutes: Constants.fetch(:dishes, :egg_in_pan_minutes), safety: ["egg_dish"],
                           text: "Back into the pan, one at a time: #{spread[0].downcase + spread[1..]} and one of " \
                                 "#{CrackedEggs.say(eggs)}, broken onto it; fold the sides in, lid on, low.",
                           look_for: "the white set all through, the yolk as you like it")
      end

      def eggs = @filling ? @filling.lines.select { |line| CrackedEggs.line?(line) } : []
      def spread = "Spread each with its share of #{@filling ? "the #{@filling.name.downcase}" : "it"}"
    end
  end
end
