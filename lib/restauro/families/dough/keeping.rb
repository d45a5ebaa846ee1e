# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # What is not eaten today: pieces to freeze, and purée that is left.
      class Keeping
        # @param ours [Prediction]
        def initialize(ours)
          @ours = ours
          freeze
        end

        # @return [Array<Step>]
        def steps = [keep, leftover].compact

        private

        def puree = @ours.contents.puree

        def keep
          frozen =
            (
              if @ours.boiling&.minutes_frozen
                "#{(2 * @ours.boiling.minutes_frozen).ceil / 2.0} min".sub(".0 ", " ")
              else
                "longer"
              end
            )
          Step.new(
            kind: "store",
            text:
              "What you do not #{@ours.options.way ? "cook" : "boil"} today: freeze on the floured tray till hard, then bag, 2 months at its best. " \
                "#{@ours.options.way ? "Steam from frozen, some minutes longer" : "Boil from frozen, #{frozen}"}.",
            safety: %w[raw_dough leftovers reheat]
          )
        end

        # Purée that was cooked and is not in this dough, in portions as large as this one's.
        def leftover
          made, used =
            @ours.options.roasted_to_g,
            puree && @ours.contents.parts.find { |ingredient, _| ingredient.equal?(puree) }&.last&.value
          return unless made && used && made - used > Constants.fetch(:dough, :leftover_share) * used

          left = made - used
          count = [(left / used).round, 1].max
          Step.new(
            kind: "store",
            text:
              "#{left.round} g of purée is left: freeze it in #{count} portion#{"s" if count > 1} of #{(left / count).round} g, " \
                "its water (#{@ours.contents.moisture.water.round} %) on the label.",
            safety: ["cooling"]
          )
        end
      end
    end
  end
end
