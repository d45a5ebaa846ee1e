module Restauro
  module Families
    class Breading
      # A wheat crumb coat and the gluten-free one as thick.
      #   wheat, ours Prediction · replaced wheat lines taken out · pairs each wheat line with those in its place ·
      #   coats new lines
      #   alternatives of crumbs · substitutions, warnings
      Swap = Value.of(:wheat, :ours, :replaced, :pairs, :coats, :alternatives, :substitutions, :warnings) do
        def target = wheat.coat_m ? 1000 * wheat.coat_m : 0.0
      end

      # Another crumb.   key · name · grams or nil · gain, cost, from in words
      Alternative = Value.of(:keys, :names, :grams, :gain, :cost, :from)
    end
  end
end
