# frozen_string_literal: true

module Restauro
  module Families
    # Onions and the like in the fat: soft in the minutes that are usual for so many, or as long and as brown as their
    # recipe has them.   Needs at, said and figure.
    module Softening
      private

      def softened(fats)
        found = at("soften")
        return [] if found.empty?

        into = fats.any? ? " in #{said(fats)}" : " in a little fat, or a splash of water,"
        return [fragrant(found, into, fats)] if found.all? { |line| line.text.match?(CompanionStarts::SCORCHES) }

        all, last = in_turn(found)
        minutes = soften_minutes(found)
        heat = minutes > figure(:soften_slow_minutes) ? "low" : "medium"
        verb = browned?(found) ? "Fry" : "Soften"
        [Step.new(kind: "brown", text: "#{verb} #{all}#{into} on #{heat}, stirring#{last}.",
                  minutes: minutes, uses: [*fats, *found], look_for: softened_look(found, heat))]
      end

      def browned?(found) = found.any? { |line| line.fried_for&.browned }

      def softened_look(found, heat)
        return "soft and see-through; for a brown gravy let it go golden" unless browned?(found)

        return "golden, not dark at the edges" unless heat == "low"

        "brown and sweet all through; where it catches, a splash of water"
      end

      # As long as the recipe says; else a heap of them steams before it softens.   @return [Float] min
      def soften_minutes(found)
        slow = found.reject { |line| line.text.match?(CompanionStarts::SCORCHES) }
        told = slow.filter_map { |line| line.fried_for&.minutes }.max
        told || reckoned_softening(found)
      end

      def reckoned_softening(found)
        over = found.sum { |line| line.grams&.value.to_f } - figure(:soften_at_once_g)
        figure(:soften_minutes) + (over.positive? ? (over / 100 * figure(:soften_more_minutes)).round : 0)
      end

      # What would scorch comes last, where there is more than that.   @return [Array(String, String)]
      def in_turn(found)
        quick, slow = found.partition { |line| line.text.match?(CompanionStarts::SCORCHES) }
        return [said(found), nil] if quick.empty? || slow.empty?

        [said(slow), "; #{said(quick)} for the last minute"]
      end

      # Garlic alone.
      def fragrant(lines, into, fats)
        Step.new(kind: "brown", text: "Stir #{said(lines)}#{into} on medium for a minute.",
                 minutes: figure(:garlic_minutes), uses: [*fats, *lines],
                 look_for: "you smell it, and it is still pale: brown it is bitter")
      end
    end
  end
end
