# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Cream in a filling that sets in the cold, and what is spread on a thin crust.   Needs @swap, left and list.
      module ColdFilling
        CHOCOLATE = DataFiles.words("families/crust/words.yml").fetch(:chocolate)
        private_constant :CHOCOLATE

        private

        def whipped
          return [] if !@swap.ours.chilled? || @swap.ours.chilled.boiled?

          left.select { |line| line.ingredient == "heavy_cream" }
        end

        # Into soft cheese, or over what is laid in first.
        def whip
          rest = left - whipped
          cream = "#{list(whipped)} whipped to soft peaks"
          cheese = rest.any? { |line| %w[cheese puree].include?(line.role) }
          words = rest.any? ? "#{list(rest)} first; over it #{cream}" : cream
          words = "beat #{list(rest)} smooth; fold in #{cream}" if cheese
          words = melted(rest) if rest.any? { |line| line.text.match?(CHOCOLATE) }
          Step.new(kind: "mix", text: "Filling: #{words}.", uses: left,
                   look_for: "cream that just holds: beaten on, it splits")
        end

        # What is wet under what is not.   @return [Step, nil]
        def spread_thin
          wet = left.select { |line| %w[liquid puree].include?(line.role) || line.ingredient == "sour_cream" }
          return if @swap.ours.style.key != "thin" || wet.empty? || (left - wet).empty?

          Step.new(kind: "mix", text: "Filling: spread #{list(wet)}; over it #{list(left - wet)}.", uses: left,
                   look_for: "thin, the rim bare", safety: @filling.safety)
        end

        # Hot cream melts chocolate, and sets it as both cool.
        def melted(rest) = "bring #{list(whipped)} to the boil; off the heat over #{list(rest)}, stirred smooth"
      end
    end
  end
end
