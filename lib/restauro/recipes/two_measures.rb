# frozen_string_literal: true

module Restauro
  module Recipes
    # One amount measured twice, with a stroke between.   Needs @units.
    module TwoMeasures
      DUAL = %r{\A\s*/\s*(#{Numbers::ONE})\s*}i
      private_constant :DUAL

      private

      # The second of two measures of one amount: "25 g/1 oz", "1 cup / 240 ml".
      def skip_dual(term, rest)
        return rest unless term.unit && (match = DUAL.match(rest))

        @units.read(match.post_match)&.last || rest
      end

      # "3/4 cup/110 g flour": the weight is the surer of the two.
      def dual_weight(term, rest)
        return if term.unit.nil? || term.unit.mass? || !(match = DUAL.match(rest))

        unit, = @units.read(match.post_match)
        Amount::Term.new(Estimate.new(value: Numbers.value(match[1])), unit, nil) if unit&.mass?
      end
    end
  end
end
