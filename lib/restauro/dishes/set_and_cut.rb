# frozen_string_literal: true

module Restauro
  module Dishes
    # A paste that is cooked thick, let set and cut: gnocchi of semolina, panisse. Then baked or fried.
    #   Needs @dish, @answers, step, figure and baked?.
    module SetAndCut
      NAMED = DataFiles.words("dishes/words.yml").fetch(:set_and_cut)
      private_constant :NAMED

      private

      def cut? = @dish.title.to_s.match?(NAMED) && @answers.map { |part| part.part.role } == [:sauce]

      # @return [Array<Families::Step>]
      def set_and_cut = cut? ? [*set, (fried unless baked?)].compact : []

      def set
        [step(kind: "chill", text: "Spread it a finger thick on an oiled tray, smooth it wet; into the cold.",
              minutes: figure(:chill_minutes), hold_minutes: 1440, safety: ["cooling"],
              look_for: "cold and firm: it lifts off the tray in one piece"),
         step(kind: "shape", text: "Cut it into rounds or sticks.", look_for: "clean edges; it sticks: wet the knife")]
      end

      def fried
        step(kind: "fry", minutes: figure(:cut_fry_minutes), text: "Fry the pieces in a finger of hot oil, turned.",
             look_for: "golden and crisp on both sides", safety: ["hot_oil"])
      end
    end
  end
end
