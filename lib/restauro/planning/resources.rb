# frozen_string_literal: true

module Restauro
  module Planning
    # What cannot be at once: two heats in one oven, more steps than hands, trays or rings.
    class Resources
      # So many of these steps overlap, of which one must end before another begins; gap minutes then lie between.
      Crowd = Struct.new(:steps, :gap)

      def initialize(problem)
        @problem = problem
        kitchen = problem.kitchen
        index = ->(&which) { problem.steps.each_index.select { |step| which.call(problem.steps[step]) } }
        @caps = [
          [index.call(&:attended), kitchen.cooks],
          [index.call(&:oven?), kitchen.ovens * kitchen.shelves],
          [index.call(&:hob?), kitchen.burners]
        ]
        @ovens = index.call(&:oven?)
        freeze
      end

      # Everything that collides at these starts.   @return [Array<Crowd>]
      # What has begun already cannot be taken back, though it collide.
      def crowds(starts)
        found = apart(starts) + @caps.flat_map { |steps, cap| over(steps, cap, starts) }
        @problem.fixed.empty? ? found : found.reject { |crowd| crowd.steps.all? { |step| @problem.fixed.key?(step) } }
      end

      # Two that cannot overlap whatever else there is: one pair of hands, one oven of two heats.
      def never_at_once?(one, other)
        both = ->(what) { what.call(@problem.steps[one]) && what.call(@problem.steps[other]) }
        return true if @problem.kitchen.cooks == 1 && both[:attended.to_proc]

        @problem.kitchen.ovens == 1 && both[:oven?.to_proc] && gap(one, other).positive?
      end

      # @return [Integer] min between two tasks, for the oven to get from the one heat to the other
      def gap(one, other)
        return 0 unless @problem.steps[one].oven? && @problem.steps[other].oven?

        heats = [one, other].map { |step| @problem.steps[step].celsius }
        Ovens.apart?(*heats) ? Ovens.change(*heats) : 0
      end

      private

      def finish(starts, step) = starts[step] + @problem.minutes[step]

      # Bakes too far apart in heat, in as many ovens as there are.
      def apart(starts)
        clashing =
          @ovens
            .combination(2)
            .select do |one, other|
              wait = gap(one, other)
              wait.positive? && starts[one] < finish(starts, other) + wait && starts[other] < finish(starts, one) + wait
            end
        return clashing.map { |one, other| Crowd.new([one, other], gap(one, other)) } if @problem.kitchen.ovens == 1

        unplaced(starts)
      end

      # Bakes that find no oven together, however they are put in: as few as will not. Some two of them must then be
      # apart in time.
      def unplaced(starts)
        order = @ovens.sort_by { |step| [starts[step], step] }
        bake = ->(step) { [starts[step], finish(starts, step), @problem.steps[step].celsius] }
        placeable = ->(steps) { !Ovens.placed(steps.map(&bake), @problem.kitchen).nil? }
        return [] if placeable[order]

        stuck = order.reduce(order) { |left, step| placeable[left - [step]] ? left : left - [step] }
        [Crowd.new(stuck, nil)]
      end

      # Groups of one more than there is room for, all at once at the moment the last of them begins.
      def over(steps, cap, starts)
        steps.filter_map do |step|
          moment = starts[step]
          at_once = steps.select { |other| starts[other] <= moment && finish(starts, other) > moment }
          next if at_once.length <= cap

          others = (at_once - [step]).sort_by { |other| [@problem.fixed.key?(other) ? 1 : 0, finish(starts, other)] }
          Crowd.new([step, *others.first(cap)], 0)
        end
      end
    end
  end
end
