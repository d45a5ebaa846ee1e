# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # Sour cream, yogurt and thin cream split on the boil. Beside another liquid they go in last.   Common practice.
      module Splits
        module_function

        # @param formula [Formula]   @return [String, nil] a sentence for the cook
        def words(formula)
          sharp = sharp(formula)
          return if sharp.all? { |i| i.fat_pct >= Constants.fetch(:sauce, :split_fat_pct) }

          how = "stir it in off the boil, a spoonful of hot sauce into it first"
          how = "once it has thickened, a bubble here and there, no more" if boiled?(formula)
          "#{sharp.map(&:say).uniq.join(" and ").capitalize} can split: #{how}."
        end

        # Nothing else is poured: it has to boil.   @param formula [Formula]
        def boiled?(formula) = sharp(formula).length == formula.liquids.length

        def sharp(formula) =
          formula.liquids.map(&:ingredient).select { |i| i.allergens.include?("milk") && i.ph.to_f < 5 }
        private_class_method :sharp
      end
    end
  end
end
