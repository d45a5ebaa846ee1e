# frozen_string_literal: true

module Restauro
  module Planning
    # A dish of a meal: its steps in order, and how long it may wait once it is ready.   needs grams by ingredient, for the shopping list
    Dish = Struct.new(:name, :steps, :hold_minutes, :needs, keyword_init: true) do
      def initialize(name:, steps:, hold_minutes: Dish::HOLD, needs: {})
        raise InvalidInput, "the dish '#{name}' has no steps: type such as 'roast, 75 min, oven 190'" if steps.empty?

        super(name: name.to_s, steps: steps.dup.freeze, hold_minutes: hold_minutes.round, needs: needs.dup.freeze)
        freeze
      end

      # How badly a minute of waiting is borne: sixty for what may not wait, one for what holds an hour.
      def weight = (60.0 / [hold_minutes, 1].max).round.clamp(1, 60)
    end
    Dish::HOLD = 60
    Dish::GAP = 10

    class << Dish
      # What a plan leaves to the cook.
      LEFT = %w[store serve].freeze
      GAPS = DataFiles.yaml("planning/gaps.yml").transform_values { |minutes| Integer(minutes) }.freeze

      # A swapped dish.   @param answer [Dishes::Answer]   @return [Dish]
      def of_answer(name, answer)
        steps = answer.steps.reject { |step| LEFT.include?(step.kind) || heats_oven?(step) }.filter_map { |step| of_step(step) }
        needs = answer.lines.select(&:counted?).group_by(&:ingredient).transform_values { |lines| lines.sum { |line| line.grams.value }.round(1) }
        new(name: name, steps: steps, hold_minutes: hold(answer), needs: needs)
      end

      private

      # An empty oven's heating is the meal's; fat heated in its tin, and oil on the hob, are the dish's.
      def heats_oven?(step) = step.kind == "preheat" && step.heat == "oven" && !step.safety.include?("hot_fat_tin")

      def of_step(step)
        minutes = Dishes::Timeline.minutes_of({kind: step.kind, minutes: step.minutes, batches: step.batches}) or return
        heat = step.heat == "oven" && step.celsius.nil? ? "rest" : step.heat
        Step.new(text: step.text, minutes: [minutes.ceil, 1].max, heat: heat, celsius: (step.celsius if heat == "oven"), attended: step.attended,
                 longest: [step.hold_minutes, GAPS.fetch(step.kind, Dish::GAP)].compact.max, part: step.part)
      end

      # As long as its last act of cooking may wait.
      def hold(answer)
        last = answer.steps.reject { |step| %w[store].include?(step.kind) }.reverse.find(&:hold_minutes)
        kinds = answer.steps.map(&:kind)
        return last.hold_minutes.clamp(0, 120) if last

        Constants.fetch(:planning, kinds.include?("fry") ? :hold_fried : (kinds.include?("bake") ? :hold_baked : :hold_other))
      end
    end
  end
end
