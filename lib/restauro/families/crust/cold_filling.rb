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
          chocolate = rest.select { |line| line.text.match?(CHOCOLATE) }
          words = grated?(chocolate) ? "#{laid(rest - chocolate)}; #{list(chocolate)} over it" : laid(rest)
          words = melted(rest) if chocolate.any? && !grated?(chocolate)
          Step.new(kind: "mix", text: "Filling: #{words}.", uses: left,
                   look_for: "cream that just holds: beaten on, it splits")
        end

        # Cream folded into soft cheese, or over what is laid in first.
        def laid(rest)
          sugar, rest = rest.partition { |line| line.ingredient == "icing_sugar" }
          cream = "#{list(whipped + sugar)} whipped to soft peaks"
          return cream if rest.empty?
          return "#{list(rest)} first; over it #{cream}" if rest.none? { |line| %w[cheese puree].include?(line.role) }

          "beat #{list(rest)} smooth; fold in #{cream}"
        end

        # So little of it, or as much as is liked, sets no cream.
        def grated?(chocolate)
          return false if chocolate.empty?
          return true if chocolate.all? { |line| line.grams.nil? }

          grams, cream = [chocolate, whipped].map { |lines| lines.sum { |line| line.grams&.value.to_f } }
          grams < Constants.fetch(:crust, :ganache_least) * cream
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
