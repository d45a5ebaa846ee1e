# frozen_string_literal: true

module Restauro
  # A dish's answer as plain data: what the pages draw and the notebook keeps, the same for today's and for one kept
  # years ago. Form 2 holds every part; one kept before (no form) is a dish of one part.
  module SwapSnapshot
    FORM = 2
    OWN = {"sauce" => "SauceSnapshot", "batter" => "BatterSnapshot", "breading" => "BreadingSnapshot",
           "gnocchi" => "DoughSnapshot", "pasta" => "DoughSnapshot", "crust" => "CrustSnapshot"}.freeze

    module_function

    # @param answer [Dishes::Answer]   @param shelf [Cupboard::Shelf]   @param who [Array] eaters, with name and diets
    # @return [Hash] symbol keys; strings, numbers, arrays and hashes only
    def of(answer, catalogue:, shelf: Cupboard::Shelf.new, who: [])
      parts = answer.parts.each_with_index.map { |part, index| part(answer, part, index, catalogue, shelf) }
      main = parts[answer.dish.main]
      main.merge(form: FORM, title: answer.dish.title, main: answer.dish.main, parts: parts,
                 rows: SnapshotRows.of(answer, catalogue), method: steps(answer),
                 diet: diet(answer, who, catalogue), needs: needs(answer), costs: costs(answer, shelf),
                 said: said(answer.dish.said), bake: MeetingSnapshot.bake(answer), taste: answer.tastes,
                 plate: MeetingSnapshot.plate(answer), untouched: answer.already_gluten_free?,
                 warnings: warnings(answer, shelf))
    end

    # What the pack's labels say is said too, and what fell through.
    def warnings(answer, shelf)
      (answer.warnings + shelf.warnings(answer.lines)).map(&:to_h) +
        answer.holes.map { |hole| {code: hole.kind, text: hole.words, line: hole.line.text} }
    end

    # With another of its parts in front.
    def facing(snapshot, index)
      part = snapshot[:parts]&.fetch(index, nil)
      part ? snapshot.merge(part.slice(*(part.keys - %i[warnings])), title: snapshot[:title]) : snapshot
    end

    # One part: what its family draws, and how it meets the others.
    def part(answer, part, index, catalogue, shelf)
      joins = answer.dish.meetings_of(index).map { |to, how| {to: to.name, how: how} }
      own = part.swap ? of_family(part.family, part.swap, shelf) :
                        {thickeners: changed(part, catalogue), alternatives: []}
      {name: part.name, family: part.family&.key, joins: joins,
       lines: part.lines.map { |line| SnapshotRows.line(line, catalogue) }, **own}
    end

    def of_family(family, swap, shelf)
      words = family.class::Report.new(family, family.catalogue)
      others = swap.alternatives.map do |other|
        words.alternative(other).merge(names: other.names, **at_hand(other, shelf))
      end
      {replaced: replaced(swap, family), metrics: words.metrics(swap.ours), wheat_metrics: words.metrics(swap.wheat),
       picture: family.picture(swap), alternatives: others,
       **Restauro.const_get(OWN.fetch(family.key)).of(family, swap)}
    end

    # What is new in a part without flour.
    def changed(part, catalogue)
      fresh = part.pairs.flat_map { |wheat, ours| ours.reject { |line| line.ingredient == wheat.ingredient } }
      fresh.select { |line| line.grams && line.ingredient }.map do |line|
        {key: line.ingredient, name: catalogue.fetch(line.ingredient).say, grams: line.grams.value, low: nil, high: nil,
         measure: line.amount_text, measure_error_pct: nil}
      end
    end

    def steps(answer)
      places = answer.lines.each_with_index.to_h { |line, place| [line.object_id, place] }
      answer.steps.map do |step|
        {text: step.text, minutes: step.minutes, batches: step.batches, look_for: step.look_for, caution: step.caution,
         part: step.part, kind: step.kind, heat: step.heat, celsius: step.celsius, attended: step.attended,
         uses: step.uses.filter_map { |line| places[line.object_id] }.uniq}
      end
    end

    # What was taken from the recipe's own words.
    def said(said)
      minutes = {"baking" => said.bake_minutes, "simmering" => said.simmer_minutes}.compact
      {"oven" => said.oven&.say, "pan" => said.pan&.say, "pot" => said.pot&.to_s,
       **minutes.transform_values { |found| "#{found.round} min" }, "makes" => said.makes&.to_s}.compact
    end

    def replaced(swap, family)
      swap.replaced.map { |line| {grams: line.grams&.value, name: family.catalogue.fetch(line.ingredient).say} }
    end

    # A new line as it stands in the big answer.
    def new_line(line, family, system, band: line.grams)
      ingredient = family.catalogue.fetch(line.ingredient)
      measure = line.grams && Measure.nearest(ingredient, line.grams.value, KitchenUnits.of(system))
      {key: line.ingredient, name: ingredient.say, grams: line.grams&.value,
       low: band&.low&.round(1), high: band&.high&.round(1),
       measure: measure&.text, measure_error_pct: measure&.error_pct&.round(1)}
    end

    # A snapshot read back from the database.
    def from_json(hash) = JSON.parse(JSON.generate(hash), symbolize_names: true)

    # What an alternative takes from the cupboard.
    def at_hand(other, shelf)
      held = {at_hand: other.keys.all? { |key| shelf.holds?(key) }, enough: true, price: nil}
      return held unless other.respond_to?(:grams) && other.grams.is_a?(Array)

      needed = other.keys.zip(other.grams)
      costs = needed.map { |key, grams| shelf.cost(key, grams) }
      enough = needed.all? { |key, grams| shelf.grams_left(key) >= grams }
      held.merge(enough: enough, price: (costs.sum.round(2) if costs.none?(&:nil?)))
    end

    # What the eaters' rules took out, put in, and left undone: told from our own lines. nil when nobody has one.
    def diet(answer, who, catalogue)
      swap = answer.main.swap or return
      exclusion = Diets::Exclusion.of(swap.ours.options.without, catalogue)
      return if exclusion.empty?

      left, out = remaining(answer.main.family, swap, exclusion)
      {diets: exclusion.diets.map { |diet| {say: diet.say, note: diet.note} },
       who: who.reject { |eater| eater.diets.empty? }.map(&:name),
       left: left.map(&:say), out: out.map(&:say),
       left_to: holds?(answer.main.family) ? "hold it with" : "thicken with",
       stays: exclusion.held_in(answer.lines, catalogue),
       changed: answer.parts.flat_map { |part| part.substitutions.to_a }.uniq
                      .map { |found| {from: found.line.text.strip, to: found.lines.map(&:text), costs: found.costs} }}
    end

    # Doughs and crusts are held by a school; the others are thickened.
    def holds?(family) = family.respond_to?(:schools)

    # What the diet leaves and takes out: ways to hold a dough, else what thickens.
    def remaining(family, swap, exclusion)
      return family.schools(swap.ours.options) if holds?(family)

      Families::Sauce::Choice.new(family.catalogue, exclusion).thickeners
    end

    # Minutes, things to wash, and what of it has a price in the cupboard: the sum, and of how many things.
    def costs(answer, shelf)
      amounts = needs(answer)
      prices = amounts.filter_map { |key, grams| shelf.cost(key, grams) }
      return answer.costs if prices.empty?

      answer.costs.merge(money: prices.sum.round(2), priced: prices.length, things: amounts.length)
    end

    # Grams of each ingredient of the gluten-free side, to take off the cupboard.
    def needs(answer)
      by_key = answer.lines.select(&:counted?).group_by(&:ingredient)
      by_key.transform_values { |lines| lines.sum { |line| line.grams.value }.round(1) }
    end
  end
end
