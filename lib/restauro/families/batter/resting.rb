# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # How long a batter stands: until its flour has drunk, or its yeast has raised it; not at all with bubbles or ice
      # in it. A recipe that lets wheat stand longer does so for its gluten, which is told.
      module Resting
        private

        def rest
          return use_at_once if sparkling? || iced?

          risen = @lines.yeast.any?
          minutes = risen ? Constants.fetch(:batter, :yeast_minutes) : drinking_minutes
          return if minutes.zero?

          where = risen ? " in the warm" : (" in the fridge" if minutes > 20)
          Step.new(kind: "rest", minutes: minutes,
                   text: "Rest it#{where}; stir once, and thin it again if it has drunk.#{for_gluten(minutes, risen)}",
                   look_for: risen ? "bubbles; no gluten holds them, so no knocking back" :
                                     "thicker than it was: #{@ours.rung&.says}",
                   caution: ("Raising agent works from now: fold briefly and cook soon." if raised?))
        end

        def drinking_minutes = @swap.flours.map { |line| note(line.ingredient)["rest_min"] }.max.to_f
        def raised? = @ours.gas.moles.positive?

        # Of the recipe's own minutes, where they are more.
        def for_gluten(minutes, risen)
          told = @ours.options.rest_minutes or return
          return if risen || told <= minutes

          spent = raised? ? "spends what raises it" : "in the cold does no harm"
          " The recipe says #{Recipes::WeighedLine.tenths(told)} min: that is for gluten, and none is here; " \
            "longer #{spent}."
        end

        def use_at_once
          Step.new(kind: "rest", minutes: 0.5, hold_minutes: 5,
                   text: "Do not rest it: into the cold with the bowl while the fat heats, and use it at once.",
                   look_for: "still hissing: the bubbles are spent in five minutes")
        end
      end
    end
  end
end
