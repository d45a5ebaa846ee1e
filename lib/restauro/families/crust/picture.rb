module Restauro
  module Families
    class Crust
      # The numbers a crust's instruments draw: the ladder, the bar of flour, fat and water, the pan from above, the
      # bake over the minutes.
      class Picture
        def initialize(swap)
          @swap = swap
          @ours = swap.ours
        end

        # @return [Hash]
        def to_h
          {
            rungs:
              Hydration::Rung.all.map do |rung|
                {key: rung.key, lower: rung.lower, upper: rung.upper, says: rung.says}
              end,
            target: @swap.target,
            wheat: estimate(@swap.wheat.ratio),
            ours: estimate(@ours.ratio),
            bars: {
              wheat: bar(@swap.wheat),
              ours: bar(@ours)
            },
            pan: (pan if @ours.lining && !@ours.cups),
            cups: @ours.cups && cups,
            bake: bake
          }
        end

        private

        def estimate(ratio) = ratio && {value: ratio.value, low: ratio.low, high: ratio.high}

        # Grams of each part, to a hundred of flour.
        def bar(crust)
          flour = crust.powder_g
          binder = crust.weights.sum(0.0) { |ingredient, g| %w[binder egg curd].include?(ingredient.group) ? g : 0.0 }
          liquid = crust.weights.sum(0.0) { |ingredient, g| ingredient.liquid? ? g : 0.0 }
          parts = {flour: flour, fat: crust.fat_g, binder: binder, liquid: liquid}
          {
            **parts,
            other: [crust.grams - parts.values.sum, 0.0].max,
            fat_share: crust.fat_share,
            all_fat_g: crust.all_fat_g,
            grams: crust.grams
          }
        end

        def pan
          pan = @ours.options.pan
          {
            shape: pan.shape,
            length_cm: pan.length_cm,
            width_cm: pan.width_cm,
            depth_cm: pan.depth_cm,
            loose: pan.loose,
            cover: @ours.cover,
            style: @ours.style.key,
            roll_cm: @ours.lining.roll_cm,
            thickness_mm: (@swap.sheet || @ours.lining).thickness_mm.round(1),
            vents: vents(pan),
            sheet: sheet
          }
        end

        def cups
          cups = @ours.cups
          {count: cups.count, across_cm: cups.across_cm, deep_cm: cups.deep_cm,
           case_cm: (cups.case_cm if cups.cases), lid_cm: (cups.lid_cm if cups.lids),
           thickness_mm: @ours.thickness_mm.round(1)}
        end

        # Where steam gets out of a lid: one cut to so many centimetres, never fewer than three.
        # @return [Array<Array(Float, Float)>] shares of the half sides
        def vents(pan)
          return [] unless lid?

          count = [(pan.perimeter_cm / Constants.fetch(:crust, :vent_every_cm) / 2).round, 3].max
          Array.new(count) do |index|
            (2 * Math::PI * index / count).then { |angle| [0.5 * Math.cos(angle), 0.5 * Math.sin(angle)] }
          end
        end

        def lid? = %w[double top].include?(@ours.cover) && !@ours.style.loose?
        def sheet =
          @swap.sheet && {length_cm: @swap.sheet.length_cm, width_cm: @swap.sheet.width_cm, count: @swap.sheet.count}

        def bake
          baking = @ours.baking
          {
            oven: (@ours.frying || baking.oven).celsius.round,
            fried: !@ours.frying.nil?,
            steamed: @ours.options.steam_minutes,
            griddled: @ours.griddled?,
            weighted: baking.weighted_minutes,
            prebake: baking.prebake_minutes,
            bake: baking.bake_minutes,
            agreed: @ours.agreed_minutes,
            rim_golden: baking.rim_golden_minutes,
            rim_burnt: baking.rim_burnt_minutes,
            cover_from: baking.cover_from,
            band: Constants.fetch(:crust, :oven_band),
            done_celsius: @ours.filling_celsius,
            rim: points(baking.rim_course, &:surface),
            filling: points(baking.filling_course, &:centre)
          }
        end

        # Every other minute, to a little past the end.
        def points(course)
          last = 1.15 * [@ours.baking.total_minutes, 10].max
          course
            .select { |point| point.minutes <= last }
            .each_slice(2)
            .map { |pair| [pair.first.minutes.round(1), yield(pair.first).round(1)] }
        end
      end
    end
  end
end
