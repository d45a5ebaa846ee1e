module Restauro
  module Families
    class Crust
      # Writes a crust's formula as recipe lines: as a dough's, with the fat that its flours leave.
      class Writer < Dough::Writer
        # @param formula [Dough::Formula]   @return [Written]
        def write(formula)
          written = super
          factor = Trials.fat_factor(kept, formula.flours, formula.flour_g)
          return written if factor == 1

          Written.new(
            **written.to_h,
            pairs: written.pairs.map { |wheat, ours| [wheat, ours.map { |line| less_fat(line, factor) }] }.freeze
          )
        end

        private

        def kept = crust_lines(@stays.recipe).map { |line| [@catalogue.fetch(line.ingredient), line.grams.value] }
        def crust_lines(recipe) = Recipes::Parts.dough(recipe).select(&:counted?)
        # Nothing is kept back of a crust for the bench: it is rolled between sheets.
        def bench_g(_flour_g) = 0.0

        def less_fat(line, factor)
          return line unless line.counted? && line.role == "fat" && Recipes::Parts.place(line) == :dough

          line(@catalogue.fetch(line.ingredient), line.grams.value * factor, line.role, line.part)
        end
      end
    end
  end
end
