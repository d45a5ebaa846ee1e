# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables that lie under or between a sauce: raw slices, and what is boiled and drained first.   Needs list.
    module PlainLayers
      private

      def laid?(lines) = lines.all? { |line| Bake.laid?(line) }

      def drained?(lines) = lines.all? { |line| Plain.drained?(line) }

      def drained(lines)
        [
          Families::Step.new(
            kind: "boil",
            text: "Boil #{list(lines)} in salted water; drain well, and let the steam go off.",
            uses: lines,
            minutes: Constants.fetch(:making, :drained_minutes),
            look_for: "a knife goes in with a push: it goes on cooking"
          )
        ]
      end

      # Raw slices stay raw; what would swim is fried first.
      def laid(slices)
        lines = slices.select { |line| Bake.fried_layer?(line) }
        return [] if lines.empty?

        [
          Families::Step.new(
            kind: "brown",
            text: "Brown the slices of #{list(lines)} on both sides in oil, a layer at a time; onto paper.",
            uses: lines,
            minutes: Constants.fetch(:making, :brown_minutes),
            look_for: "brown, and soft when pressed"
          )
        ]
      end
    end
  end
end
