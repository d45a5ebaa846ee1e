# frozen_string_literal: true

module Restauro
  module Planning
    # A meal in time.   meal · status optimal, feasible or late · gap minutes that another plan could be better · tasks
    # Array of Task in order
    #   waits Array of [dish name, minutes hot] · clashes Array of String: what had to give
    Plan = Value.of(:meal, :status, :gap, :tasks, :waits, :clashes) { def start_at = tasks.map(&:from).min }

    # from, to minutes after the midnight of the day to eat (negative: the day before) · dish nil for the oven's heating
    # · step Step oven, burner, cook from 1, or nil
    Plan::Task = Struct.new(:dish, :step, :from, :to, :oven, :burner, :cook, keyword_init: true)

    # How much longest waits are stretched until something fits.
    Plan::LOOSER = [1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144].freeze

    class << Plan
      # @param stop [#call] whether the time is up   @param limits [Limits] what is pinned
      # @return [Plan]   @raise [InvalidInput] not found, or impossible whatever waits
      def of(meal, stop: -> { false }, limits: Limits.new)
        problem = Problem.new(meal, limits: limits)
        search = Search.new(problem, stop: stop)
        result = search.plan
        return made(meal, problem, result, []) if result
        return loosened(meal, stop, limits) if search.infeasible?

        raise InvalidInput, NOT_FOUND
      end
      NOT_FOUND = "no plan was found in the time there is: that is no proof that there is none. Try with a dish less"

      # A plan of starts that were found.   @param clashes [Array<String>]
      def made(meal, problem, result, clashes)
        dishes = problem.dishes
        tasks = assigned(meal, problem, result.starts, dishes)
        waits = problem.lasts.each_with_index.map do |step, dish|
          [dishes[dish].name, -(result.starts[step] + problem.minutes[step])]
        end
        status = clashes.any? ? "late" : (result.proven ? "optimal" : "feasible")
        new(meal: meal, status: status, gap: result.gap, tasks: tasks, waits: waits, clashes: clashes)
      end

      # Which limits a stretched plan breaks, and by how much.
      def broken(meal, starts, limits = Limits.new)
        problem = Problem.new(meal, limits: limits)
        waits =
          problem
            .arcs
            .select { |arc| starts[arc.to] < starts[arc.from] + arc.least }
            .map do |arc|
              over = starts[arc.from] + arc.least - starts[arc.to]
              "#{meal.dishes[problem.dish_of[arc.to]].name}: after “#{problem.steps[arc.to].text[0, 50]}” it waits #{over} min longer than it bears"
            end
        held = problem.lasts.each_with_index.filter_map do |step, dish|
          over = -(starts[step] + problem.minutes[step]) - meal.dishes[dish].hold_minutes
          "#{meal.dishes[dish].name} waits #{over} min longer at the table than it bears" if over.positive?
        end
        waits + held
      end

      private

      def loosened(meal, stop, limits)
        Plan::LOOSER.each do |minutes|
          problem = Problem.new(meal, looser: minutes, limits: limits)
          result = Search.new(problem, stop: stop).plan or next
          return made(meal, problem, result, broken(meal, result.starts, limits))
        end
        raise InvalidInput, NOT_FOUND if stop.call
        if limits.starts.any?
          raise InvalidInput, "with what is pinned these dishes cannot be ready together: let a pin go"
        end

        raise InvalidInput,
              "these dishes cannot be ready together in this kitchen: a second tray, another ring, or one dish made before " \
                "would free them"
      end

      def assigned(meal, problem, starts, dishes)
        tasks =
          problem
            .steps
            .each_index
            .map do |step|
              from = meal.serve_at + starts[step]
              Plan::Task.new(
                dish: dishes[problem.dish_of[step]].name,
                step: problem.steps[step],
                from: from,
                to: from + problem.minutes[step]
              )
            end
            .sort_by
            .with_index { |task, index| [task.from, index] }
        number(tasks.select { |task| task.step.hob? }, :burner) { |_, _| true }
        number(tasks.select { |task| task.step.attended }, :cook) { |_, _| true }
        ovens(tasks.select { |task| task.step.oven? }, meal.kitchen)
        (tasks + preheats(tasks, meal.kitchen)).sort_by { |task| [task.from, task.to] }.each(&:freeze).freeze
      end

      # The lowest number that is free.
      def number(tasks, field)
        tasks.each do |task|
          busy =
            tasks
              .select { |other| other[field] && other.from < task.to && task.from < other.to }
              .map { |other| other[field] }
          task[field] = (1..).find { |count| !busy.include?(count) }
        end
      end

      # One heat at a time in each; bakes that share one go to the same.
      def ovens(tasks, kitchen)
        found =
          Ovens.placed(tasks.map { |task| [task.from, task.to, task.step.celsius] }, kitchen) || [1] * tasks.length
        tasks.zip(found) { |task, oven| task.oven = oven }
      end

      # The oven is heated before its first bake.
      def preheats(tasks, kitchen)
        tasks
          .select { |task| task.step.oven? }
          .group_by(&:oven)
          .map do |oven, baking|
            first = baking.min_by(&:from)
            minutes = Constants.fetch(:planning, :preheat_minutes).round
            celsius = first.step.celsius
            step =
              Step.new(
                text: "Heat the oven to #{kitchen.set(celsius)}.",
                minutes: minutes,
                heat: "oven",
                celsius: celsius,
                attended: false
              )
            Plan::Task.new(dish: nil, step: step, from: first.from - minutes, to: first.from, oven: oven)
          end
      end
    end
  end
end
