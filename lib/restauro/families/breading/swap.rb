module Restauro
  module Families
    class Breading
      # A wheat crumb coat and the gluten-free one as thick.
      #   wheat, ours Prediction · replaced wheat lines taken out · pairs each wheat line with those in its place · coats new lines
      #   alternatives of crumbs · substitutions, warnings
      Swap = Struct.new(:wheat, :ours, :replaced, :pairs, :coats, :alternatives, :substitutions, :warnings, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end

        def target = wheat.coat_m ? 1000 * wheat.coat_m : 0.0
      end

      # Another crumb.   key · name · grams or nil · gain, cost, from in words
      Alternative = Struct.new(:keys, :names, :grams, :gain, :cost, :from, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end
      end
    end
  end
end
