module Restauro
  module Families
    class Sauce
      # A wheat sauce and the gluten-free one that reaches the texture asked for.
      #   target Float e · kept whether it is the wheat recipe's own · wheat, ours Prediction · replaced the wheat lines
      #   taken out
      #   pairs each wheat line with the lines in its place · thickeners Array of Line that are new
      #   give_or_take share of their grams · alternatives Array of Alternative
      #   substitutions Array of Diets::Substitution: other lines that an eater's rule has changed
      Swap =
        Value.of(
          :target, :kept, :wheat, :ours, :replaced, :pairs, :thickeners, :give_or_take, :alternatives, :substitutions,
          :warnings
        ) do
          def with(**changes) = Swap.new(**to_h.merge(changes))
          def grade = Grade.of(target)
          def school = ours.school
          # Grams of a thickener line with the band that the target's and the thickener's own uncertainty give.
          def needed(line) = line.grams.widen(give_or_take)
        end

      # Another way to the same texture.   keys · grams · texts kitchen measures · gain and cost in words
      Alternative = Value.of(:keys, :names, :grams, :measures, :gain, :cost)
    end
  end
end
