# frozen_string_literal: true

module Restauro
  module Planning
    # A plan in the command line's fixed words, and as lines for a person.
    class Report
      # @param have [Hash] g of each ingredient that is there
      def initialize(plan, have: {})
        @plan = plan
        @have = have
        freeze
      end

      # @return [Hash]
      def to_h
        {
          serve_at: clock(@plan.meal.serve_at),
          status: @plan.status,
          gap_minutes: @plan.gap,
          start_at: clock(@plan.start_at),
          waits: @plan.waits.map { |dish, minutes| {dish: dish, minutes: minutes} },
          clashes: @plan.clashes.map { |text| {text: text} },
          shopping: shopping,
          tasks: tasks
        }
      end

      # @return [String] the order of work, a line each
      def to_text
        [
          "To eat at #{clock(@plan.meal.serve_at)}, begin at #{clock(@plan.start_at)}. #{proof}",
          *@plan.clashes.map { |text| "! #{text}" },
          "",
          *@plan.tasks.map { |task| line(task) }
        ].join("\n")
      end

      # @return [String] one task with its clock
      def line(task)
        "#{clock(task.from)}  #{"#{task.dish}: " if task.dish}#{task.step.text} (#{task.to - task.from} min#{where(task)})"
      end

      # @return [String] a row for each task
      def to_csv
        require "csv"
        CSV.generate do |csv|
          csv << %w[start end dish text heat celsius oven burner cook]
          tasks.each do |task|
            csv << task.values_at(:start, :end, :dish, :text, :heat, :celsius, :oven, :burner, :cook)
          end
        end
      end

      # What another plan could be worth, in words.
      def proof
        return "Nothing can wait less in this kitchen." if @plan.status == "optimal"
        return "Something has to give:" if @plan.status == "late"

        "A better plan may be there; it would save #{@plan.gap} minutes of waiting at most."
      end

      # @return [Array<Hash>] over all dishes
      def shopping
        needs = @plan.meal.dishes.map(&:needs).reduce({}) { |all, one| all.merge(one) { |_, a, b| a + b } }
        needs.map do |key, grams|
          have = @have.fetch(key, 0)
          {ingredient: key, grams: grams.round(1), have: have.round(1), missing: [grams - have, 0].max.round(1)}
        end
      end

      private

      def clock(minutes) = Meal.clock(minutes)

      def tasks
        seen = Hash.new(0)
        @plan.tasks.map do |task|
          step = task.step
          {
            dish: task.dish,
            part: step.part,
            step: task.dish && seen[task.dish] += 1,
            text: step.text,
            start: clock(task.from),
            end: clock(task.to),
            heat: step.heat,
            celsius: step.celsius&.round,
            oven: task.oven,
            burner: task.burner,
            cook: task.cook,
            attended: step.attended
          }
        end
      end

      def where(task)
        return ", oven at #{task.step.celsius.round} °C" if task.step.oven?

        task.burner ? ", ring #{task.burner}" : ""
      end
    end
  end
end
