# frozen_string_literal: true

module Restauro
  module Dishes
    # A boiled dough at its end: turned in what goes over it, or fried in its fat until it has a crust.
    #   Needs @dish, @catalogue and step.
    module TossedDough
      # Steps that make one thing of what is in a part.
      MADE = %w[brown simmer mix].freeze
      private_constant :MADE

      private

      # @return [Array<Families::Step>]
      def tossed(part)
        return [crisped(part)] if Crisped.dough?(@dish.recipe, part.lines)

        [*(Crisped.said?(@dish.recipe) ? [crisped_before] : []), turned(part)]
      end

      # Onions, butter, cheese that a dough is turned in; by its name, what was cooked under a heading.
      def turned(part)
        text = "Turn them in #{turned_into(part)}, with a splash of their water where it is dry#{on_top(part)}."
        step(text: text, hold_minutes: 5, part: part.name, uses: part.lines.select(&:grams),
             look_for: "every piece glossy, none stuck to the next")
      end

      def turned_into(part)
        made = part.name != OverDough::NAME && part.steps.any? { |step| MADE.include?(step.kind) }
        return "the #{part.name.downcase}" if made

        rest = part.lines - Crisped.onions(part.lines)
        rest.any? ? say(rest) : say(part.lines)
      end

      # Crisp as they are, they go on last.
      def on_top(part)
        onions = Crisped.onions(part.lines)
        "; the crisp onions on top" if onions.any? && onions.length < part.lines.length
      end

      def crisped(part)
        fat, rest = part.lines.partition { |line| line.role == "fat" }
        fried = "fry them in #{say(fat)} in one layer, turned once"
        fried += "; then #{say(rest)} with them, until hot" if rest.any?
        warm = part.steps.any? { |made| made.uses.intersect?(fat) }
        fried = "into the pan with #{say(part.lines)}, in one layer, turned once" if warm
        in_the_pan(fried, part: part.name, uses: part.lines.select(&:grams), hold_minutes: 5)
      end

      # Ahead of a sauce that they go into.
      def crisped_before = in_the_pan("fry them in a film of oil, in one layer, turned once")

      def in_the_pan(fried, **more)
        Families::Step.new(
          kind: "brown", minutes: Constants.fetch(:dishes, :crisped_minutes),
          look_for: "golden and crisp on two sides, soft within", safety: ["wet_fat"],
          text: "Drain them well, dry them on a cloth; #{fried}.", **more
        )
      end

      def say(lines) = Families::Companions.named(lines, @catalogue)
    end
  end
end
