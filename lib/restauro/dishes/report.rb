# frozen_string_literal: true

module Restauro
  module Dishes
    # A dish's prediction or answer in the command line's fixed words: one entry a part, the whole method, our lines in
    # order. A dish of one part has every
    # key of its family at the top as well.
    class Report
      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # @param answer [Answer]   @return [Hash]
      def swap(answer)
        parts = answer.parts.each_with_index.map { |part, index| part(answer, part, index) }
        ours = answer.lines.map { |line| ours(line, answer.part_of(line), answer) }
        main = parts[answer.dish.main]
        top = main.except(:name, :joins, :lines)
        {title: answer.dish.title, family: answer.main.family&.key, **top, lines: wheat_lines(answer.dish),
         swap: {**(top[:swap] || {}), lines: ours},
         parts: parts, method: steps(answer), read_from_recipe: answer.dish.said.to_a,
         already_gluten_free: answer.already_gluten_free?,
         taste: answer.tastes, nutrition: nutrition(answer), costs: answer.costs, bake: bake(answer.bake),
         alternatives: main[:alternatives] || [], warnings: warnings(answer)}
      end

      # @param pots [TwoPots]   @return [Hash]
      def two_pots(pots)
        {without: pots.without, others: pots.others,
         wheat: pots.wheat.map { |line, grams| {text: line.text.strip, grams: grams.round(1)} },
         shared: pots.shared.map { |name, grams| {name: name, grams: grams.round(1)} },
         order: pots.order.map { |text, caution| {text: text, caution: caution} }}
      end

      # @param predictions [Array] one a part, nil for a part without flour   @return [Hash]
      def prediction(dish, predictions)
        parts = dish.parts.zip(predictions)
          .each_with_index.map { |(part, found), index| predicted(dish, part, found, index) }
        main = parts[dish.main]
        own = dish.one_part? ? main.except(:name, :joins, :lines) : {family: main[:family]}
        {title: dish.title, **own, lines: wheat_lines(dish), parts: parts,
         read_from_recipe: dish.said.to_a, warnings: parts.flat_map { |part| part[:warnings] }.uniq}
      end

      private

      # Of it all; by composition, with a band.
      def nutrition(answer)
        figures = answer.plate.transform_values do |side|
          side.to_h.transform_values do |found|
            {value: found.value.round(1), low: found.low.round(1), high: found.high.round(1)}
          end
        end
        figures.merge(servings: answer.servings, not_counted: Nutrition.uncounted(answer.lines))
      end

      # What a dish in layers asks of its sauce; nil where nothing is layered.
      def bake(bake)
        bake && {with: bake.with, layer_grams: bake.layer_g.round(1), flour_equivalents_given: bake.given_e.round(2),
                 pan: bake.pan&.say, sauce_grams: bake.sauce_g.round(1), sauce_wanted_grams: bake.wanted_g&.round(1)}
      end

      def joins(dish, index) = dish.joins_from(index).map { |join| {part: dish.parts[join.to].name, how: join.how} }
      def report_of(family) = family.class::Report.new(family, @catalogue)

      def part(answer, part, index)
        base =
          {name: part.name, family: part.family&.key, joins: joins(answer.dish, index),
           lines: part.pairs.map { |line, _| raw(line, part.name) }}
        own = part.swap ? report_of(part.family).swap(part.swap).except(:method, :warnings) : {}
        own[:swap] = (own[:swap] || {}).merge(lines: part.lines.map { |line| ours(line, part.name, answer) })
        base.merge(own, metrics: own.dig(:swap, :metrics), warnings: part.warnings.map(&:to_h))
      end

      def predicted(dish, part, found, index)
        own = if found then report_of(Families.fetch(part.family, @catalogue)).prediction(found)
              else {metrics: nil, warnings: part.lines.flat_map(&:warnings).map(&:to_h)}
              end
        {name: part.name, family: part.family, joins: joins(dish, index), **own.except(:family),
         lines: part.lines.map { |line| raw(line, part.name) }}
      end

      # As the recipe has it: every raw line, with the part it is in.
      def wheat_lines(dish)
        (dish.recipe.lines + dish.board).map { |line| raw(line, part_name(dish, line)) }
      end

      def part_name(dish, line)
        dish.parts.find { |part| part.lines.any? { |own| own.equal?(line) } }&.name unless line.words?
      end

      def raw(line, part)
        {text: line.source, line: line.number, part: part, ingredient: line.ingredient, **grams(line), role: line.role,
         understood: line.understood}
      end

      def ours(line, part, answer)
        units = KitchenUnits.of(answer.dish.recipe.system)
        found = line.counted? ? Measure.nearest(@catalogue.fetch(line.ingredient), line.grams.value, units) : nil
        {text: line.bare_text, part: part, ingredient: line.ingredient, **grams(line), role: line.role,
         understood: line.understood, measure: found&.text,
         measure_error_pct: found&.error_pct&.round(1), warnings: line.warnings.map(&:to_h)}
      end

      def grams(line) =
        {grams: line.grams&.value&.round(1), low_grams: line.grams&.low&.round(1),
         high_grams: line.grams&.high&.round(1)}

      def steps(answer)
        places = {}.compare_by_identity
        answer.lines.each_with_index { |line, place| places[line] = place }
        answer.steps.map do |step|
          {text: step.text, minutes: step.minutes, batches: step.batches, look_for: step.look_for,
           caution: step.caution, part: step.part, kind: step.kind,
           heat: step.heat, celsius: step.celsius&.round, attended: step.attended,
           uses: step.uses.filter_map { |line| places[line] }.uniq, hold_minutes: step.hold_minutes}
        end
      end

      def warnings(answer) = (answer.warnings.map(&:to_h) + answer.holes.map { |hole|
        {code: hole.kind, text: hole.words,
         line: hole.line.text}
      }).uniq
    end
  end
end
