# frozen_string_literal: true

module Restauro
  module Planning
    # A part of a dish that can be made the day before.   part its name · row of data/planning/ahead.yml · steps of the
    # day before, as texts
    #   minutes they take · instead Step that the evening begins with in their place, or nil
    Ahead = Value.of(:part, :row, :steps, :minutes, :instead) do
      def say = row["say"]
      def days = Integer(row["days"])
      # Where it is kept, and what must not be overlooked.
      def keeps =
        [
          "#{row["keeps"]}, #{days} #{days == 1 ? "day" : "days"} at most.",
          *row["safety"].map { |key| Safety.words(key) }
        ].join(" ")
    end

    class << Ahead
      # Less is not worth a fridge.
      WORTH_MINUTES = 5

      def rows = DataFiles.yaml("planning/ahead.yml")

      # @param answer [Dishes::Answer]
      # @return [Array<Array(Ahead, Array<Families::Step>)>] each with the steps it takes out of the evening
      def of_answer(answer)
        named = answer.parts.length > 1
        answer.parts.each_with_index.filter_map do |part, index|
          row = row_of(part, index, answer.dish.joins) or next
          own = answer.steps.select { |step| !named || step.part == part.name }
          first = own.take_while { |step| row["kinds"].include?(step.kind) }
          next if minutes(first) < WORTH_MINUTES

          ahead =
            new(
              part: named ? part.name : nil,
              row: row,
              steps: first.map(&:text).freeze,
              minutes: minutes(first),
              instead: instead(row, part.name)
            )
          [ahead, first]
        end
      end

      private

      # A dough, a sauce, or what is cooked for the inside of something.
      def row_of(part, index, joins)
        return rows[part.family.key] if part.family

        rows["filling"] if joins.any? { |join| join.from == index && join.how == "fills" }
      end

      def minutes(steps) =
        steps
          .sum do |step|
            Dishes::Timeline.minutes_of({kind: step.kind, minutes: step.minutes, batches: step.batches}).to_f
          end
          .ceil

      def instead(row, part)
        act = row["then"] or return
        Step.new(text: act["text"], minutes: Integer(act["minutes"]), heat: act["heat"], longest: Dish::GAP, part: part)
      end
    end
  end
end
