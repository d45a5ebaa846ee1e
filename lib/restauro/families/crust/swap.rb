module Restauro
  module Families
    class Crust
      # A wheat crust and the gluten-free one in its place, with its filling.
      #   target Float ratio or nil · kept whether it is wheat's · school Dough::School or nil for a bought sheet ·
      #   wheat, ours Prediction
      #   replaced wheat lines taken out · pairs each wheat line with those in its place, the filling's last · flours
      #   new lines
      #   binder, liquid lines or nil · bench_g · filling FillingSwap · alternatives Array of Dough::Alternative ·
      #   refused Hash of School => why
      #   sheet Sheet or nil · substitutions, warnings
      Swap =
        Struct.new(
          :target, :kept, :school, :wheat, :ours, :replaced, :pairs, :flours, :binder, :liquid, :bench_g, :filling,
          :alternatives, :refused, :sheet, :substitutions, :warnings, keyword_init: true
        ) do
          def initialize(sheet: nil, **)
            super
            freeze
          end

          # @return [Hydration::Rung, nil]
          def rung = target && Hydration::Rung.of(target)
          # @return [Float] g of our flours
          def flour_g = flours.sum { |line| line.grams.value }
          # How far the fat over the flour has gone from wheat's, as a share; nuts' own fat in both.   @return [Float]
          def fat_change =
            wheat.all_fat_g.zero? ? 0.0 : (ours.all_fat_g / ours.grams) / (wheat.all_fat_g / wheat.grams) - 1

          # The water's last tenth goes in by feel.   @return [Array(Float, Float)] g sure and g by feel
          def by_feel
            grams = liquid ? liquid.grams.value : 0.0
            last = grams * Constants.fetch(:hydration, :by_feel_share)
            [grams - last, last]
          end
        end
    end
  end
end
