module Restauro
  module Families
    class Dough
      # A wheat dough and the gluten-free one as wet that stretches as far as its shape needs.
      #   target Float ratio · kept whether it is wheat's · school School · wheat, ours Prediction · replaced wheat
      #   lines taken out
      #   pairs each wheat line with those in its place · flours new lines · binder, liquid lines or nil · bench_g of
      #   flour or oil
      #   alternatives Array of Alternative · refused Hash of School => why · substitutions, warnings
      Swap =
        Value.of(
          :target, :kept, :school, :wheat, :ours, :replaced, :pairs, :flours, :binder, :liquid, :bench_g, :alternatives,
          :refused, :substitutions, :warnings
        ) do
          def rung = Hydration::Rung.of(target)
          def flour_g = flours.sum { |line| line.grams.value }

          # How much flour the purée's own uncertainty may ask more or less.
          # @param points [Float] of its water   @return [Float] g; 0 where there is no purée
          def flour_spread_g(points = ours.contents.moisture&.points)
            ours.contents.puree or return 0.0
            hold = ours.weights.sum { |i, g| i.starchy? ? i.hold_g_per_g * g : 0.0 } / ours.flour_g
            ours.contents.puree_g * ours.contents.free_share_spread(points) / (target * hold)
          end

          # What goes in last, by feel: the water's last tenth, else the flour's.
          # @return [Array(Float, Float)] g sure and g by feel
          def by_feel
            grams = liquid ? liquid.grams.value : flour_g
            last = grams * Constants.fetch(:hydration, :by_feel_share)
            [grams - last, last]
          end
        end

      # Another school or another flour.   school key · keys of flours · names · amounts in words · gain, cost
      Alternative = Value.of(:school, :keys, :names, :amounts, :gain, :cost)
    end
  end
end
