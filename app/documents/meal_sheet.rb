require_relative "paper"

module Restauro
  module Documents
    # A meal's plan on one printed page: when to begin, what at which minute, the day before, what to buy.
    class MealSheet
      SIZES = [11.0, 10.0, 9.0, 8.0, 7.0].freeze

      # @param meal [MealPage] with a plan
      # @param paper [String] a4 or letter
      # @param format [Presenters::HouseFormat]
      def initialize(meal, paper: "a4", format: Presenters::Format)
        @meal = meal
        @plan = meal.plan
        @paper = paper
        @format = format
      end

      # @return [String] PDF bytes
      def render = (SIZES.lazy.map { |size| draw(size) }.find { |pdf| pdf.page_count == 1 } || draw(SIZES[2])).render

      private

      def draw(size)
        Paper.document("Ready at #{clock(@plan.meal.serve_at)}", size: @paper) do |pdf|
          pdf.font("Literata") do
            text(pdf, "Begin at #{clock(@plan.start_at)}, eat at #{clock(@plan.meal.serve_at)}", size: 20)
          end
          text(pdf, @plan.meal.dishes.map(&:name).join(" · "), size: size + 1)
          @plan.clashes.each { |words| text(pdf, "! #{words}", size: size, style: :bold) }
          pdf.move_down size
          day_before(pdf, size)
          minutes(pdf, size)
          shopping(pdf, size)
        end
      end

      def text(pdf, words, **more) = pdf.text(Paper.plain(pdf, @format.degrees(words)), leading: 1, **more)
      def clock(minutes) = Planning::Meal.clock(minutes)

      def heading(pdf, words, size)
        pdf.move_down size / 2
        pdf.font("Literata") { text(pdf, words, size: size + 3) }
      end

      def day_before(pdf, size)
        return if @meal.day_before.empty?

        heading(pdf, "The day before", size)
        @meal.day_before.each do |dish, ahead|
          text(pdf, "#{dish}, the #{ahead.say}: #{ahead.steps.join(" ")} Keep it #{ahead.keeps}", size: size)
        end
      end

      def minutes(pdf, size)
        heading(pdf, "Minute by minute", size)
        @plan.tasks.each do |task|
          where =
            (
              if task.step.oven?
                ", oven #{@plan.meal.kitchen.set(task.step.celsius)}"
              else
                (task.burner ? ", ring #{task.burner}" : "")
              end
            )
          words =
            "#{clock(task.from)}  #{"#{task.dish}: " if task.dish}#{task.step.text} (#{task.to - task.from} min#{where})"
          text(pdf, words, size: size, style: task.step.attended ? :bold : :normal)
        end
      end

      def shopping(pdf, size)
        return if @meal.lacking.empty?

        heading(pdf, "To buy", size)
        text(
          pdf,
          @meal.lacking.map { |_, name, _, missing| "#{@format.grams(missing)} g #{name}" }.join("  ·  "),
          size: size
        )
      end
    end
  end
end
