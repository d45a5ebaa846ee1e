module Restauro
  module Making
    # What a probe should see: minutes against C from when the heat is on, with a band, and where the tip goes.
    module Expected
      MOST_POINTS = 60

      module_function

      # @return [Hash, nil] "what", "points" Array of [minutes, C], "band" as a share of the minutes, "done_celsius" or nil
      def of(family, swap)
        return unless swap

        what, points, done = case family.key
                             when "sauce" then ["the sauce", sauce(swap.ours), swap.ours.cooking.result.boil_seconds && boil(swap.ours)]
                             when "gnocchi", "pasta" then ["the middle of a piece", dough(swap.ours), Constants.fetch(:boil, :done_celsius)]
                             when "crust" then ["the middle of the filling", crust(swap.ours), swap.ours.filling&.done_celsius]
                             else ["the middle of a piece", section(swap.ours), swap.ours.options.piece&.food&.done_celsius]
                             end
        return if points.nil? || points.length < 2

        {"what" => what, "points" => thinned(points), "band" => Constants.fetch(:making, :probe_band), "done_celsius" => done&.round(1)}
      end

      # From when the liquid is in: before that there is nothing to put a probe into.
      def sauce(ours)
        poured = ours.course.drop_while { |point| point.liquid_grams < Constants.fetch(:sauce, :least_liquid) }
        poured.map { |point| [(point.seconds - poured.first.seconds) / 60.0, point.celsius] }
      end

      def boil(ours) = ours.course.map(&:celsius).max

      def dough(ours)
        boiling = ours.boiling or return
        last = 1.3 * (boiling.minutes_done || Constants.fetch(:boil, :float_high_minutes))
        (0..30).map { |index| (last * index / 30).then { |minutes| [minutes, boiling.body.centre(minutes)] } }
      end

      def crust(ours) = ours.filling && ours.baking.filling_course.map { |point| [point.minutes, point.centre] }
      def section(ours) = ours.respond_to?(:section) && ours.section && ours.section.points.map { |point| [point.minutes, point.centre] }

      def thinned(points)
        step = (points.length / MOST_POINTS.to_f).ceil
        points.each_slice(step).map { |slice| slice.first.map { |value| value.round(2) } }
      end
    end
  end
end
