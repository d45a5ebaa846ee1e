module Restauro
  # A swap as plain data: what the pages draw and the notebook keeps, the same for today's result and for one kept years ago.
  module SwapSnapshot
    module_function

    # @param shelf [Cupboard::Shelf]   @param who [Array] eaters, with name and diets
    # @return [Hash] symbol keys; strings, numbers, arrays and hashes only
    def of(family, swap, shelf: Cupboard::Shelf.new, who: [])
      own = {"sauce" => SauceSnapshot, "batter" => BatterSnapshot, "breading" => BreadingSnapshot, "gnocchi" => DoughSnapshot,
             "pasta" => DoughSnapshot, "crust" => CrustSnapshot}.fetch(family.key)
      words = family.class::Report.new(family, family.catalogue)
      {family: family.key, title: swap.wheat.recipe.title, replaced: replaced(swap, family), rows: rows(swap, family),
       method: family.method(swap).map(&:to_h),
       alternatives: swap.alternatives.map { |other| words.alternative(other).merge(names: other.names, **at_hand(other, shelf)) },
       diet: diet(family, swap, who), needs: needs(swap), metrics: words.metrics(swap.ours), wheat_metrics: words.metrics(swap.wheat),
       picture: family.picture(swap), warnings: (swap.warnings + shelf.warnings(swap.ours.recipe.ingredients)).map(&:to_h), **own.of(family, swap)}
    end

    def replaced(swap, family)
      swap.replaced.map { |line| {grams: line.grams&.value, name: family.catalogue.fetch(line.ingredient).say} }
    end

    # A new line as it stands in the big answer.
    def new_line(line, family, system, band: line.grams)
      measure = line.grams && Measure.nearest(family.catalogue.fetch(line.ingredient), line.grams.value, KitchenUnits.of(system))
      {key: line.ingredient, name: family.catalogue.fetch(line.ingredient).say, grams: line.grams&.value, low: band&.low&.round(1),
       high: band&.high&.round(1),
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
      held.merge(enough: needed.all? { |key, grams| shelf.grams_left(key) >= grams }, price: (costs.sum.round(2) if costs.none?(&:nil?)))
    end

    # What the eaters' rules took out and left; nil when nobody has one.
    def diet(family, swap, who)
      exclusion = Diets::Exclusion.of(swap.ours.options.without, family.catalogue)
      return if exclusion.empty?

      left, out = remaining(family, swap, exclusion)
      {diets: exclusion.diets.map { |diet| {say: diet.say, note: diet.note} }, who: who.reject { |eater| eater.diets.empty? }.map(&:name),
       left: left.map(&:say), out: out.map(&:say), left_to: holds?(family) ? "hold it with" : "thicken with",
       changed: swap.substitutions.map { |found| {from: found.line.text.strip, to: found.lines.map(&:text), costs: found.costs} }}
    end

    # Doughs and crusts are held by a school; the others are thickened.
    def holds?(family) = family.respond_to?(:schools)

    # What the diet leaves and takes out: ways to hold a dough, else what thickens.
    def remaining(family, swap, exclusion)
      return family.schools(swap.ours.options) if holds?(family)

      Families::Sauce::Choice.new(family.catalogue, exclusion).thickeners
    end

    # Grams of each ingredient of the gluten-free side, to take off the cupboard.
    def needs(swap)
      by_key = swap.ours.recipe.ingredients.select(&:counted?).group_by(&:ingredient)
      by_key.transform_values { |lines| lines.sum { |line| line.grams.value }.round(1) }
    end

    # Each wheat line beside the lines in its place.
    def rows(swap, family)
      seen = Hash.new(-1)
      swap.pairs.map do |wheat, ours|
        replaced = swap.replaced.any? { |line| line.equal?(wheat) }
        {wheat: line(wheat, family.catalogue).merge(occurrence: seen[wheat.text] += 1),
         ours: ours.map { |other| line(other, family.catalogue) }, replaced: replaced}
      end
    end

    # The lines of a recipe that could be read but not swapped.
    def unswapped_rows(recipe, catalogue)
      seen = Hash.new(-1)
      recipe.lines.reject { |line| line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text)) }.map do |wheat|
        {wheat: line(wheat, catalogue).merge(occurrence: seen[wheat.text] += 1), ours: [], replaced: false}
      end
    end

    # The raw text untouched, so that a correction finds its line again.
    def line(line, catalogue)
      ingredient = catalogue.find_key(line.ingredient)
      {text: line.text, ingredient: line.ingredient, name: name_of(line, ingredient), grams: line.grams&.value,
       low: line.grams&.low, high: line.grams&.high,
       role: line.role, understood: line.understood, corrected: line.corrected, part: line.part, amount: line.amount_text,
       warnings: line.warnings.map(&:to_h)}
    end

    # A seasoning goes by the cook's own word for it: caraway, not "ground spice".
    def name_of(line, ingredient) = line.role == "seasoning" && !line.corrected && line.name_text ? line.name_text : ingredient&.say
  end
end
