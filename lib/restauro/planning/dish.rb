# frozen_string_literal: true

module Restauro
  module Planning
    # A dish of a meal: its steps in order, and how long it may wait once it is ready.   needs grams by ingredient, for
    # the shopping list
    #   ahead Array of Ahead: what can be made the day before · before those of them that are · wheat whether wheat is
    #   handled in it model #call with C: its steps as its own model has them in an oven of that heat, or nil where only
    #   the rule of thumb is known
    Dish = Struct.new(:name, :steps, :hold_minutes, :needs, :ahead, :before, :wheat, :model, keyword_init: true) do
      def initialize(
        name:,
        steps:,
        hold_minutes: Dish::HOLD,
        needs: {},
        ahead: [],
        before: [],
        wheat: false,
        model: nil
      )
        raise InvalidInput, "the dish '#{name}' has no steps: type such as 'roast, 75 min, oven 190'" if steps.empty?

        super(
          name: name.to_s,
          steps: steps.dup.freeze,
          hold_minutes: hold_minutes.round,
          needs: needs.dup.freeze,
          ahead: ahead.dup.freeze,
          before: before.dup.freeze,
          wheat: wheat,
          model: model
        )
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

      # A swapped dish.
      # @param answer [Dishes::Answer]
      # @param before [Array<String>] names of the parts that were made the day before
      # @param model [#call, nil] see Dish   @return [Dish]
      def of_answer(name, answer, before: [], model: nil)
        ahead = Ahead.of_answer(answer)
        made, = ahead.partition { |one, _| before.include?(one.part) }
        steps = evening(answer.steps, made).flat_map { |step| step.is_a?(Step) ? [step] : [of_step(step)].compact }
        needs =
          answer
            .lines
            .select(&:counted?)
            .group_by(&:ingredient)
            .transform_values { |lines| lines.sum { |line| line.grams.value }.round(1) }
        new(
          name: name,
          steps: steps,
          hold_minutes: hold(answer),
          needs: needs,
          ahead: ahead.map(&:first),
          before: made.map(&:first),
          model: model
        )
      end

      private

      # What is left for the evening: in the place of what was made before, what it begins with.
      def evening(steps, made)
        left = steps.reject { |step| LEFT.include?(step.kind) || heats_oven?(step) }
        made.each do |ahead, gone|
          at = left.index(gone.first) || 0
          left =
            left[0...at].reject { |step| gone.include?(step) } + [ahead.instead].compact +
            left[at..].reject { |step| gone.include?(step) }
        end
        left
      end

      # An empty oven's heating is the meal's; fat heated in its tin, and oil on the hob, are the dish's.
      def heats_oven?(step) = step.kind == "preheat" && step.heat == "oven" && !step.safety.include?("hot_fat_tin")

      def of_step(step)
        minutes = Dishes::Timeline.minutes_of({kind: step.kind, minutes: step.minutes, batches: step.batches}) or
          return
        heat = step.heat == "oven" && step.celsius.nil? ? "rest" : step.heat
        Step.new(
          text: step.text,
          minutes: [minutes.ceil, 1].max,
          heat: heat,
          celsius: (step.celsius if heat == "oven"),
          attended: step.attended,
          longest: longest(step),
          part: step.part
        )
      end

      # At once, where the step says so.
      def longest(step)
        return 0 if step.hold_minutes&.zero?

        [step.hold_minutes, GAPS.fetch(step.kind, Dish::GAP)].compact.max
      end

      # As long as its last act of cooking may wait.
      def hold(answer)
        last = answer.steps.reverse.find { |step| step.kind != "store" && step.hold_minutes&.positive? }
        kinds = answer.steps.map(&:kind)
        return last.hold_minutes.clamp(0, 120) if last

        Constants.fetch(
          :planning,
          kinds.include?("fry") ? :hold_fried : (kinds.include?("bake") ? :hold_baked : :hold_other)
        )
      end
    end
  end
end
