module Restauro
  # What parts, and pots, ask of one another, as plain data.
  module MeetingSnapshot
    module_function

    # On the plate, a portion where the recipe says how many it serves, else all of it.
    def plate(answer)
      portions = answer.servings || 1
      sides = answer.plate.transform_values do |side|
        side.to_h.transform_values { |found| (found.value / portions).round(1) }
      end
      {
        servings: answer.servings,
        **sides,
        band_pct: (100 * Constants.fetch(:nutrition, :band_share)).round,
        not_counted: Dishes::Nutrition.uncounted(answer.lines).length
      }
    end

    # The other pot, with wheat: its amounts, what can be cooked together, and the order that keeps them apart.
    def two_pots(answer, without, others, catalogue)
      pots = Dishes::TwoPots.of(answer, without, others, catalogue)
      wheat = pots.wheat.map do |line, grams|
        {name: catalogue.find_key(line.ingredient)&.say || line.text.strip, grams: grams.round(1)}
      end
      {
        without: without,
        others: others,
        wheat: wheat,
        shared: pots.shared.map { |name, grams| {name: name, grams: grams.round(1)} },
        order: pots.order.map { |text, caution| {text: text, caution: caution} }
      }
    end

    # What a dish in layers asks of its sauce.
    def bake(answer)
      bake = answer.bake or return
      sauce = answer.parts.find { |part| part.part.role == :sauce }
      {
        part: sauce.name,
        with: bake.with,
        pan: bake.pan&.say,
        made: bake.sauce_g.round,
        wanted: bake.wanted_g&.round,
        fits: bake.fits?,
        factor: bake.factor&.round(2),
        into: Families::Sauce::Grade.of(sauce.swap.target).does,
        out: Families::Sauce::Grade.of(sauce.swap.target + bake.given_e).does
      }
    end
  end
end
