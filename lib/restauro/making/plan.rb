# frozen_string_literal: true

require "json"

module Restauro
  module Making
    # What is to be done: items to weigh, steps with their minutes, the temperature to expect. Plain data, so that it
    # can be kept with the dish.
    #   family of the part that names the dish · families Hash of part name => family key, where there are several parts
    #   · title
    #   items Array of Item · steps Array of PlannedStep · expected Hash or nil of Expected
    Plan = Struct.new(:family, :families, :title, :items, :steps, :expected, keyword_init: true) do
      def initialize(families: {}, **)
        super
        items.freeze
        steps.freeze
        freeze
      end

      # @param answer [Dishes::Answer]   @return [Plan]
      def self.of(answer, catalogue)
        items = Bench.of(answer, catalogue)
        ids = {}.compare_by_identity
        answer.lines.each_with_index do |line, index|
          ids[line] = "i#{index}" if items.any? { |item| item.id == "i#{index}" }
        end
        steps = answer.steps.map do |step|
          PlannedStep.new(
            text: step.text,
            minutes: step.minutes && step.minutes * step.batches,
            look_for: step.look_for,
            caution: step.caution,
            heat: step.heat,
            kind: step.kind,
            part: step.part,
            uses: step.uses.filter_map { |line| ids[line] }.uniq
          )
        end
        families = answer.dish.one_part? ? {} : answer.parts.to_h { |part| [part.name, part.family&.key] }
        new(
          family: answer.main.family&.key,
          families: families,
          title: answer.dish.title,
          items: items,
          steps: steps,
          expected: Expected.of(answer.main.family, answer.main.swap)
        )
      end

      # @return [Item]   @raise [NotFound]
      def item(id) = items.find { |item| item.id == id } || raise(NotFound, "no such line on this bench sheet")

      # What is weighed for one part alone, and its family: no part's liquid makes another's too much good.
      # @return [Plan]
      def of_part(name)
        return self if name.nil?

        with = {
          family: families[name],
          items: items.select { |item| item.part == name },
          steps: steps.select { |step| step.part == name }
        }
        Plan.new(**to_h.merge(with))
      end

      # As plain data, and back.
      def to_data = JSON.parse(JSON.generate(to_h.merge(items: items.map(&:to_h), steps: steps.map(&:to_h))))

      # @param data [Hash] as kept   @return [Plan]
      def self.from_data(data)
        build = ->(struct, row) { struct.new(**row.to_h.transform_keys(&:to_sym).slice(*struct.members)) }
        new(
          family: data["family"],
          families: data["families"].to_h,
          title: data["title"],
          items: data["items"].map { |row| build[Item, row] },
          steps: data["steps"].map { |row| build[PlannedStep, row] },
          expected: data["expected"]
        )
      end
    end
  end
end
