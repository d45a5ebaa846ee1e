# frozen_string_literal: true

module Restauro
  module Dishes
    # What becomes of a dish: every part's answer, one method in working order, our lines in one list.
    class Answer
      attr_reader :dish, :parts, :lines, :steps, :warnings, :holes, :bake

      # @param parts [Array<PartAnswer>]   @param pan [Kitchen::BakingPan, nil] that the cook chose, else the recipe's
      def initialize(dish:, parts:, catalogue:, pan: nil)
        @dish = dish
        @catalogue = catalogue
        @parts = parts.freeze
        @lines = @parts.flat_map(&:lines).freeze
        @bake = baked(pan || dish.said.pan)
        steps = WorkOrder.new(dish, @parts, catalogue, bake).steps
        steps = dish.said.turned.split(steps, dish.said) if dish.said.turned
        ledger = Ledger.new(@lines, steps, catalogue)
        @steps = with_the_rest(steps, ledger.unused).freeze
        @holes = Ledger.new(@lines, @steps, catalogue).holes.freeze
        @warnings = (parts.flat_map(&:warnings) + @lines.flat_map(&:warnings)).uniq.freeze
        freeze
      end

      # The same in an oven as it showed itself: its minutes, its knob, its hotter side.
      # @param oven [Learning::Oven]
      # @return [Answer]
      def in_oven(oven)
        dup.tap { |copy| copy.send(:bake_in, oven) }.freeze
      end
      # What it is baked in: as it was chosen for a part, else as the recipe says.
      # @return [Kitchen::OvenTemperature, nil]
      def oven
        options = parts.filter_map { |part| part.swap&.ours&.options }
        options.filter_map { |one| one.oven if one.respond_to?(:oven) }.first || dish.said.oven
      end

      def baked? = steps.any?(&:bakes?)

      # @return [PartAnswer] the part that names the dish
      def main = parts[dish.main]
      # Nothing of wheat was there to replace.
      def already_gluten_free? = parts.all?(&:untouched?) && dish.recipe.ingredients.none? { |line| gluten?(line) }
      # @return [String, nil] name of the part that a line of ours stands in
      def part_of(line) = parts.find { |part| part.lines.any? { |own| own.equal?(line) } }&.name

      # How it tastes and feels beside the wheat dish.   @return [Array<String>]
      def tastes = Tastes.of(self, @catalogue)
      # What is on the plate of the wheat dish and of ours.   @return [Hash{Symbol => Nutrition}]
      def plate =
        {
          wheat: Nutrition.of(parts.flat_map { |part| part.pairs.map(&:first) }, @catalogue),
          ours: Nutrition.of(lines, @catalogue)
        }
      # How many it serves, where the recipe says so.   @return [Integer, nil]
      def servings = Recipes::Scale.servings(dish.recipe)

      # Minutes with hands on, whole minutes one after another, things to wash.   @return [Hash]
      def costs
        {
          hands_on_minutes:
            steps.select { |step| step.attended || step.minutes.nil? }.sum { |step| minutes_of(step) }.round,
          whole_minutes: steps.sum { |step| minutes_of(step) }.round,
          to_wash:
            [
              parts.count(&:family) + steps.map(&:kind).count { |kind| %w[fry boil].include?(kind) }.clamp(0, 2),
              1
            ].max + 1
        }
      end

      private

      # @param showed [Learning::Oven]
      def bake_in(showed)
        @steps =
          steps
            .map do |step|
              if step.kind == "preheat" && step.heat == "oven" && step.celsius && !showed.offset_k.zero?
                next knob(step, showed)
              end
              next step unless step.bakes? && step.minutes

              step.with(
                minutes: (2 * step.minutes * showed.slowness).round / 2.0,
                text: [step.text, turned(step, showed)].compact.join(" ")
              )
            end
            .freeze
      end

      # A step's Celsius are a still oven's; a fan's knob and air are lower by the same.
      def knob(step, showed)
        inside = Kitchen::OvenTemperature.new(celsius: step.celsius, fan: oven&.fan).dial
        set = showed.knob(inside)
        if set == inside.round
          step
        else
          step.with(text: "#{step.text} Our knob at #{set} °C gives #{inside.round} °C inside.")
        end
      end

      # Half way round, where one side is the hotter: its last time in the oven.
      def turned(step, showed)
        return if showed.hotter.empty? || !step.equal?(steps.reverse.find(&:bakes?))

        "Half way, turn it round: the #{showed.hotter.join(" and the ")} #{showed.hotter.one? ? "is" : "are"} hotter here."
      end

      # The sauce that is baked between layers, with what its dish asks of it.
      def baked(pan)
        index = dish.parts.index { |part| part.role == :sauce } or return
        Bake.of(dish, index, parts[index].lines, pan, @catalogue)
      end

      UNTIMED = {"set_out" => :set_out_minutes, "mix" => :mix_minutes, "shape" => :shape_minutes}.freeze
      private_constant :UNTIMED

      # A step without minutes of its own takes as long as such steps usually do.
      def minutes_of(step)
        return step.minutes * step.batches if step.minutes

        UNTIMED.key?(step.kind) ? Constants.fetch(:dishes, UNTIMED.fetch(step.kind)) : 0.0
      end

      def gluten?(line) = line.gluten? || @catalogue.find_key(line.ingredient)&.contains_gluten?

      # What no step wanted is served with it: never dropped.
      def with_the_rest(steps, unused)
        return steps if unused.empty?

        list = Families::Companions.named(unused, @catalogue)
        last = steps.index { |step| step.kind == "store" } || steps.length
        [*steps[0...last], Families::Step.new(kind: "serve", text: "With it: #{list}.", uses: unused), *steps[last..]]
      end
    end
  end
end
