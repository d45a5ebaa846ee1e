# frozen_string_literal: true

module Restauro
  module Planning
    # A plan as plain data and back, so that a meal that is being cooked goes on after any reload.
    module PlanData
      STEP = %i[text minutes heat celsius attended longest part].freeze

      module_function

      # @return [Hash] string keys, of numbers and text alone
      def of(plan)
        {
          "serve_at" => plan.meal.serve_at,
          "kitchen" => text_keys(plan.meal.kitchen),
          "status" => plan.status,
          "gap" => plan.gap,
          "dishes" => plan.meal.dishes.map { |dish| dish(dish) },
          "waits" => plan.waits,
          "clashes" => plan.clashes,
          "tasks" => plan.tasks.map { |task| task(task) }
        }
      end

      # @param data [Hash] as above   @return [Plan]
      def read(data)
        dishes = data["dishes"].map { |dish| read_dish(dish) }
        meal =
          Meal.new(
            serve_at: data["serve_at"],
            kitchen: Kitchen.new(**data["kitchen"].transform_keys(&:to_sym)),
            dishes: dishes
          )
        Plan.new(
          meal: meal,
          status: data["status"],
          gap: data["gap"],
          tasks: data["tasks"].map { |task| read_task(task) }.freeze,
          waits: data["waits"],
          clashes: data["clashes"]
        )
      end

      # @return [Hash] with text keys
      def text_keys(struct) = struct.to_h.transform_keys(&:to_s)
      # @return [Hash]
      def dish(dish) =
        {"name" => dish.name, "hold" => dish.hold_minutes, "steps" => dish.steps.map { |step| text_keys(step) }}
      # @return [Hash]
      def task(task) = text_keys(task).merge("step" => text_keys(task.step))
      # @return [Step]
      def read_step(data) = Step.new(**data.slice(*STEP.map(&:to_s)).transform_keys(&:to_sym))
      # @return [Dish]
      def read_dish(data) =
        Dish.new(name: data["name"], hold_minutes: data["hold"], steps: data["steps"].map { |step| read_step(step) })

      # @return [Task]
      def read_task(data)
        Plan::Task.new(**data.transform_keys(&:to_sym), step: read_step(data["step"])).freeze
      end
    end
  end
end
