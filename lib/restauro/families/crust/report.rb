module Restauro
  module Families
    class Crust
      # A prediction or a swap in the command line's fixed words.
      class Report < Families::Report
        # @return [Hash] a crust and its metrics
        def prediction(crust)
          {
            family: @family.key,
            style: crust.style.key,
            cover: crust.cover,
            lines: crust.recipe.lines.map { |line| line(line) },
            metrics: metrics(crust),
            bakers_percentages: percentages(crust),
            filling: filling(crust),
            warnings: crust.warnings.map(&:to_h)
          }
        end

        # @return [Hash] with its school, its filling and its ovens
        def swap(swap)
          ours = swap.ours
          super.merge(
            school: swap.school&.key,
            refused: swap.refused.map { |school, why| {school: school.key, why: why} },
            filling_swap: filling_swap(swap.filling),
            sheet: swap.sheet&.to_h,
            ovens: ours.oven_schools.map { |baking| oven(baking) }
          )
        end

        # @return [Hash] what was solved for: metric, value, grade
        def target(swap) = {metric: "water_ratio", value: swap.target&.round(3), grade: swap.rung&.key}

        # @return [Hash] another way: with what, how much, what it gains and costs
        def alternative(other)
          {school: other.school, with: other.keys, amounts: other.amounts.to_h, gain: other.gain, cost: other.cost}
        end

        # @return [Hash] water ratio, stretch, fat, thickness, minutes
        def metrics(crust)
          baking = crust.baking
          {
            **twins(:water_ratio, crust.ratio),
            rung: crust.rung&.key,
            fat_share: crust.fat_share&.round(3),
            stretch: crust.stretch.round(3),
            stretch_needed: crust.stretch_needed,
            area_cm2: crust.lining&.base_cm2&.round(1),
            covered_cm2: crust.lining&.covered_cm2&.round(1),
            dough_grams: crust.grams.round(1),
            usual_grams: crust.usual_grams&.round(1),
            thickness_mm: crust.thickness_mm.round(2),
            minutes_prebake: baking.prebake_minutes&.round(1),
            minutes_bake: baking.bake_minutes&.round(1),
            minutes_rim_golden: baking.rim_golden_minutes&.round(1),
            oven_celsius: baking.oven.celsius.round
          }
        end

        # One oven's minutes beside the others'.
        def oven(baking)
          {
            celsius: baking.oven.celsius.round,
            minutes_prebake: baking.prebake_minutes&.round(1),
            minutes_bake: baking.bake_minutes&.round(1),
            cover_from: baking.cover_from&.round(1),
            burnt: baking.rim_burnt_minutes&.round(1)
          }
        end

        private

        def percentages(crust) =
          crust.bakers_percentages.map { |ingredient, share| {ingredient: ingredient.key, per_cent: share.round(1)} }

        def filling(crust)
          found = crust.filling or return
          {
            kind: found.kind,
            grams: found.grams.round(1),
            depth_cm: crust.filling_depth_cm&.round(2),
            done_celsius: crust.filling_celsius,
            why: crust.filling_why
          }
        end

        def filling_swap(filling)
          return if filling.nil? || filling.pairs.empty?

          {
            flour_equivalents: filling.e&.round(2),
            family: filling.sauce && "sauce",
            thickeners: (filling.sauce&.thickeners || [filling.added].compact).map { |line| line(line) }
          }
        end
      end
    end
  end
end
