# frozen_string_literal: true

module Restauro
  module Dishes
    # A paste that is cooked thick, let set and cut: gnocchi of semolina, panisse. Then baked or fried.
    #   Needs @dish, @answers, step, figure and baked?.
    module SetAndCut
      NAMED, BAKED_SO = DataFiles.words("dishes/words.yml").values_at(:set_and_cut, :set_and_baked)
      private_constant :NAMED, :BAKED_SO

      private

      # One paste, and at most cheese to go over it.
      def cut?
        paste, rest = @answers.partition { |part| part.part.role == :sauce }
        @dish.title.to_s.match?(NAMED) && paste.one? && rest.all? { |part| Partition.cheese?(part.part.lines) }
      end

      # @return [Array<Families::Step>]
      def set_and_cut = cut? ? [*set, *(finished unless baked?)] : []

      def set
        [step(kind: "chill", text: "Spread it a finger thick on an oiled tray, smooth it wet; into the cold.",
              minutes: figure(:chill_minutes), hold_minutes: 1440, safety: ["cooling"],
              look_for: "cold and firm: it lifts off the tray in one piece"),
         step(kind: "shape", text: "Cut it into rounds or sticks.", look_for: "clean edges; it sticks: wet the knife")]
      end

      # Gnocchi of semolina are baked, whatever else is fried.
      def finished = @dish.title.to_s.match?(BAKED_SO) ? gratinated : [fried]

      def gratinated
        celsius = figure(:cut_bake_celsius).round
        [step(kind: "preheat", text: "Heat the oven to #{celsius} °C.", celsius: celsius,
              minutes: Constants.fetch(:crust, :preheat_minutes)),
         step(kind: "bake", minutes: figure(:cut_bake_minutes), celsius: celsius,
              text: "Overlap them in a buttered dish, butter over them; bake at #{celsius} °C.",
              look_for: "golden at the edges")]
      end

      def fried
        step(kind: "fry", minutes: figure(:cut_fry_minutes), text: "Fry the pieces in a finger of hot oil, turned.",
             look_for: "golden and crisp on both sides", safety: ["hot_oil"])
      end
    end
  end
end
