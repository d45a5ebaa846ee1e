# frozen_string_literal: true

module Restauro
  module Dishes
    # One dish made twice: without wheat for some, with wheat for the others, in the order that keeps them apart
    # (DOMAIN: gluten-free first, its own spoon, what can be shared until the thickener goes in). The answer is of the
    # pot without; the other has as much of the wheat recipe as is left.
    #   without, others how many eat of each · wheat Array of [Recipes::Line, grams] · shared Array of [name, grams of
    #   both] order Array of String, each with its caution or nil
    TwoPots = Value.of(:without, :others, :wheat, :shared, :order)

    class << TwoPots
      COUNTS = /\A\s*(\d{1,2})\s*(?:of|\/)\s*(\d{1,2})\s*\z/

      # "1 of 4": who eats without, of all.   @return [Array(Integer, Integer), nil]   @raise [InvalidInput]
      def counts(text)
        return if text.to_s.strip.empty?

        without, all = COUNTS.match(text)&.captures&.map(&:to_i)
        return without, all - without if without&.positive? && all > without

        raise InvalidInput, "how many eat without wheat is such as '1 of 4', got '#{text.to_s[0, 20]}'"
      end

      # @param answer [Answer] of the pot without wheat, at its own size   @return [TwoPots]
      def of(answer, without, others, catalogue)
        times = others.to_f / without
        pairs = answer.parts.flat_map(&:pairs)
        together = pairs.select { |wheat, ours| shared?(wheat, ours, answer) }.map(&:first)
        wheat =
          pairs
            .map(&:first)
            .select { |line| line.grams&.value&.positive? }
            .map { |line| [line, line.grams.value * times] }
        shared = together.map do |line|
          [catalogue.find_key(line.ingredient)&.say || line.text.strip, line.grams.value * (1 + times)]
        end
        new(without: without, others: others, wheat: wheat.freeze, shared: shared.freeze, order: order(answer, shared))
      end

      private

      # The same in both, and in the pot before anything that the swap changed.
      def shared?(wheat, ours, answer)
        return false unless wheat.grams && same?(wheat, ours)

        changed = answer.parts.flat_map(&:pairs).reject { |line, mine| same?(line, mine) }.flat_map(&:last)
        first = answer.steps.index { |step| changed.any? { |line| uses?(step, line) } } || answer.steps.length
        used = answer.steps.each_index.select { |index| uses?(answer.steps[index], ours.first) }
        used.any? && used.first < first && !used.include?(first) &&
          %w[brown simmer boil].include?(answer.steps[used.first].kind)
      end

      def uses?(step, line) = step.uses.any? { |used| used.equal?(line) }
      def same?(wheat, ours) =
        ours.length == 1 && ours.first.ingredient == wheat.ingredient && ours.first.grams&.value == wheat.grams&.value

      def order(answer, shared)
        kinds = answer.steps.map(&:kind)
        [
          [
            "Two sets of everything that stirs, strains and rolls: one that no wheat has been on, told apart at a glance.",
            nil
          ],
          (
            if shared.any?
              [
                "Together, before any flour is on the table: #{Families::Companions.list(shared.map(&:first))}. Then divide it.",
                nil
              ]
            end
          ),
          [
            "The pot without wheat first, to its end; cover it and put it out of the way of flour dust.",
            Safety.words("coeliac_two_pots")
          ],
          (
            if kinds.intersect?(%w[boil fry])
              ["Boil and fry it first: water and fat that wheat has been in are not for it any more.", nil]
            end
          ),
          ["Then open the wheat flour: the other pot, as the recipe has it.", nil],
          (["In one oven: the dish without wheat above, or covered.", nil] if kinds.include?("bake")),
          ["Serve the pot without wheat first, with a spoon of its own that stays in it.", nil]
        ].compact.freeze
      end
    end
  end
end
