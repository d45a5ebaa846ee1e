# frozen_string_literal: true

module Restauro
  module Planning
    # A plan that slipped: what has begun stays, what is done is done, the rest is laid again from now. First in the
    # order it had, at the least delay that lets it (one longest path, the hour to eat a node like the others); then, in
    # the time there is, in any order, where that waits less.
    class Slip
      # How a meal stands.   done Hash of [dish, step] => [from, to] · begun Hash of [dish, step] => from, minutes after
      # midnight
      #   longer Hash of [dish, step] => minutes that a begun step takes in all, where that is known · now minutes after
      #   midnight
      State = Struct.new(:done, :begun, :longer, :now, keyword_init: true) do
        def initialize(now:, done: {}, begun: {}, longer: {})
          super
          freeze
        end
      end

      # @param plan [Plan]   @param state [State]   @param stop [#call] whether the time for another order is up
      def initialize(plan, state, stop: -> { true })
        @plan = plan
        @state = state
        @stop = stop
        @tasks = keyed(plan)
      end

      # @return [Plan] with what was begun where it began   @raise [InvalidInput] where nothing fits whatever waits
      def plan
        kept = in_order or raise InvalidInput, "what is left cannot be laid in the order it had: take a dish off"
        in_any_order(kept) || kept
      end

      # Tasks of a plan by dish and step.   @return [Hash{Array(Integer, Integer) => Plan::Task}]
      def self.keyed(plan)
        plan
          .meal
          .dishes
          .each_with_index
          .flat_map do |dish, index|
            own = plan.tasks.select { |task| task.dish == dish.name }.sort_by(&:from)
            own.each_with_index.map { |task, step| [[index, step], task] }
          end
          .to_h
      end

      private

      def keyed(plan) = Slip.keyed(plan)

      # The dishes as they are now: steps with the minutes they took, or will.
      def dishes
        @dishes ||=
          @plan.meal.dishes.each_with_index.map do |dish, index|
            steps = dish.steps.each_index.map { |step| step_now([index, step]) }
            Dish.new(**dish.to_h, steps: steps)
          end
      end

      def step_now(key)
        step = @tasks.fetch(key).step
        return step.with(minutes: [@state.done[key].reduce(:-).abs, 1].max) if @state.done.key?(key)
        return step unless (from = @state.begun[key])

        step.with(minutes: [@state.longer.fetch(key, step.minutes), @state.now - from + 1].max)
      end

      def starts = @state.done.transform_values(&:first).merge(@state.begun)
      def limits = Limits.new(starts: starts, not_before: @state.now, set: true)
      def meal_at(serve_at) = @plan.meal.with(dishes: dishes, serve_at: serve_at)

      # The least delay for the order it had, with as little stretched as can be.
      def in_order
        [0, *Plan::LOOSER].each do |looser|
          found = Order.new(meal_at(@plan.meal.serve_at), limits, follows, looser).starts or next
          meal, result = found
          return (
            Plan.made(
              meal,
              Problem.new(meal, looser: looser, limits: limits),
              result,
              Plan.broken(meal, result.starts, limits)
            )
          )
        end
        nil
      end

      # What comes after what in each place: hands, rings, ovens of two heats.
      def follows
        keys = @tasks.keys
        places = [->(task) { task.cook && [:cook, task.cook] }, ->(task) { task.burner && [:ring, task.burner] }]
        in_line = places.flat_map do |place|
          lines = keys.group_by { |key| place[@tasks[key]] }.reject { |where, _| where.nil? }.values
          lines.flat_map { |line| line.sort_by { |key| @tasks[key].from }.each_cons(2).to_a }
        end
        in_line + heats(keys.select { |key| @tasks[key].step.oven? })
      end

      def heats(keys)
        keys
          .sort_by { |key| @tasks[key].from }
          .combination(2)
          .select { |one, other| @tasks[one].oven == @tasks[other].oven && @tasks[one].to <= @tasks[other].from }
      end

      # With no delay first, then with the kept one's: taken where it breaks less, or waits less.
      def in_any_order(kept)
        hours = [@plan.meal.serve_at, kept.meal.serve_at].uniq
        hours.each do |serve_at|
          next if @stop.call

          meal = meal_at(serve_at)
          problem = Problem.new(meal, limits: limits)
          result = Search.new(problem, stop: @stop).plan or next
          if kept.clashes.any? || serve_at < kept.meal.serve_at || result.cost < cost_of(kept, problem)
            return Plan.made(meal, problem, result, [])
          end
        end
        nil
      end

      def cost_of(plan, problem)
        tasks = Slip.keyed(plan)
        problem.cost(tasks.keys.sort.map { |key| tasks[key].from - plan.meal.serve_at })
      end
    end
  end
end
