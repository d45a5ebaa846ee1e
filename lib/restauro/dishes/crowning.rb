# frozen_string_literal: true

module Restauro
  module Dishes
    # What is spread over a filled crust just before it is baked: a meringue, a crumble, mash.
    #   Needs @answers, @host and work.
    module Crowning
      BAKED = %w[egg flour thickener crumb].freeze
      MERINGUE, SPREAD = DataFiles.words("families/crust/words.yml").values_at(:meringue, :spread)

      # Whipped cream, raw fruit, a jam to glaze it: they go on last.
      # @param lines [Array<Recipes::Line>]   @param catalogue [Catalogue]
      def self.cold?(lines, catalogue)
        lines.none? { |line| BAKED.include?(line.role) } && lines.any? do |line|
          line.ingredient == "heavy_cream" || line.text.match?(SPREAD) ||
            catalogue.find_key(line.ingredient)&.group == "fruit"
        end
      end

      private

      # Spread over what a crust holds, just before it is baked.
      def crowns?(part) =
        part.part.place == :top && (part.part.family.nil? || strewn?(part)) && @answers[@host].part.role == :shell
      def strewn?(part) = part.part.role == :shell

      def crowned(steps, parts)
        cold, baked = parts.partition { |part| Crowning.cold?(part.lines, @catalogue) }
        last = cold.flat_map { |part| [*work(part), Families::Step.new(kind: "finish", part: part.name, **laid(part))] }
        [*under_the_heat(steps, baked), *last]
      end

      # When it is cold: cream melts, and fruit weeps.
      def laid(part)
        {text: "#{part.name}: over it, when it is cold.", uses: part.lines.select(&:grams),
         look_for: "cold right through: cream melts on what is warm"}
      end

      def under_the_heat(steps, parts)
        at = steps.rindex { |step| step.kind == "bake" }
        return *parts.flat_map { |part| work(part) }, *steps unless at

        over = parts.flat_map do |part|
          made = strewn?(part) ? work(part).select { |step| %w[mix rest chill].include?(step.kind) } : work(part)
          [*made, Families::Step.new(kind: "shape", part: part.name, **spread(part))]
        end
        [*steps[0...at], *over, browned(steps[at], parts), *steps[(at + 1)..]]
      end

      # A meringue is not only browned: it sets all through.
      def browned(bake, parts)
        least = Constants.fetch(:dishes, :meringue_minutes)
        return bake if parts.none? { |part| part.name.match?(MERINGUE) } || bake.minutes.to_f >= least

        bake.with(minutes: least, look_for: "golden, crisp outside; no beads of syrup",
                  safety: [*bake.safety, "egg_dish"].uniq)
      end

      # A meringue shrinks from the rim; anything else is only spread.
      def spread(part)
        last = ", the cheese last" if PlainSauces.cheese_apart?(part)
        return {text: "#{part.name}: spread it over#{last}."} unless part.name.match?(MERINGUE)

        {
          text: "#{part.name}: over the filling at once, right up to the crust.",
          look_for: "no gap at the rim: it would shrink away from it"
        }
      end
    end
  end
end
