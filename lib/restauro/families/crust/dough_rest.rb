# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # What a dough waits for: its fat to set, its yeast to raise it, or nothing but that it stays warm; and how it is
      # folded between two waits.
      #   Needs @ours, @style and constant.
      module DoughRest
        private

        def warm
          Step.new(kind: "rest", text: "Keep it covered and warm: cold it cracks.", hold_minutes: 30,
                   minutes: constant(:warm_minutes), look_for: "no longer sticky, still soft")
        end

        def thin? = @style.key == "thin"

        # Once: nothing in it takes a knocking back. A thin one in its shape.
        def rise
          return unless @ours.yeast?

          Step.new(kind: "rest", text: "Cover it with an oiled sheet; in the warm until it is puffed.",
                   hold_minutes: 20, minutes: Constants.fetch(:batter, :yeast_minutes),
                   look_for: "half as high again; a dent comes back slowly")
        end

        # Fewer turns than wheat bears: what tears lets the butter out.
        def folds
          return unless @ours.laminated?

          Step.new(kind: "shape", hold_minutes: 1440, minutes: constant(:lamination_minutes),
                   text: "Between two sheets of parchment, dusted with starch: roll it into a strip three times as " \
                         "long as wide, fold it in three like a letter, turn it a quarter. " \
                         "#{constant(:laminations).round} times in all, a quarter of an hour in the cold after " \
                         "every second.",
                   look_for: "straight edges, butter in streaks; where it shows through, starch on it and into the " \
                             "cold. It rises less than wheat's: leaves, no towers")
        end

        def rest
          # Powder works from when it is wet: a suet crust goes straight into its basin.
          return if thin? || @ours.steamed?
          return rise if @ours.yeast?
          return warm if @ours.hot_water?

          Step.new(kind: "chill", text: "Wrap it flat and chill it: the fat sets, the flour drinks.",
                   hold_minutes: 2880, minutes: constant(:chill_minutes),
                   look_for: "firm, bends a little before it cracks")
        end
      end
    end
  end
end
