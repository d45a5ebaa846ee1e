module Restauro
  # A swap as plain data: what the pages draw and the notebook keeps, the same for today's result and for one kept years ago.
  module SwapSnapshot
    module_function

    # @param shelf [Cupboard::Shelf]   @param who [Array] eaters, with name and diets
    # @return [Hash] symbol keys; strings, numbers, arrays and hashes only
    def of(family, swap, shelf: Cupboard::Shelf.new, who: [])
      words = Families::Sauce::Report.new(family, family.catalogue)
      {family: family.key, school: swap.school, title: swap.wheat.recipe.title, kept_texture: swap.kept, target: target(swap),
       thickeners: swap.thickeners.map { |line| thickener(line, swap, family) }, slurry_water_g: slurry_water(swap),
       replaced: swap.replaced.map { |line| {grams: line.grams.value, name: family.catalogue.fetch(line.ingredient).say} },
       rows: rows(swap, family), method: family.method(swap).map(&:to_h), look_fors: family.look_fors(swap).map { |moment| moment(moment) },
       alternatives: swap.alternatives.map { |other| words.alternative(other).merge(names: other.names, **at_hand(other, shelf)) },
       diet: diet(family, swap, who), needs: needs(swap), lumps: lumps(swap),
       left_g: swap.ours.cooking.liquid_g.round, minutes: swap.ours.end_seconds / 60,
       warnings: (swap.warnings + shelf.warnings(swap.ours.recipe.ingredients)).map(&:to_h),
       metrics: words.metrics(swap.ours), wheat_metrics: words.metrics(swap.wheat),
       serve_celsius: swap.ours.serve_celsius, picture: family.picture(swap)}
    end

    # A snapshot read back from the database.
    def from_json(hash) = JSON.parse(JSON.generate(hash), symbolize_names: true)

    def target(swap)
      {flour_equivalents: swap.target.round(3), spoons: Families::Sauce::Grade.spoons(swap.target).round(2),
       grade: swap.grade.key, does: swap.grade.does}
    end

    def thickener(line, swap, family)
      needed = swap.needed(line)
      measure = Measure.nearest(family.catalogue.fetch(line.ingredient), line.grams.value, KitchenUnits.of(swap.ours.recipe.system))
      {key: line.ingredient, name: family.catalogue.fetch(line.ingredient).say, grams: line.grams.value,
       low: needed.low.round(1), high: needed.high.round(1), measure: measure&.text, measure_error_pct: measure&.error_pct&.round(1)}
    end

    def slurry_water(swap) = swap.school == "slurry" ? swap.ours.cooking.formula.slurry_water_g.round(1) : nil

    # What an alternative takes from the cupboard.
    def at_hand(other, shelf)
      costs = other.keys.zip(other.grams).map { |key, grams| shelf.cost(key, grams) }
      {at_hand: other.keys.all? { |key| shelf.holds?(key) }, enough: other.keys.zip(other.grams).all? { |key, grams| shelf.grams_left(key) >= grams },
       price: (costs.sum.round(2) if costs.none?(&:nil?))}
    end

    # Whether it clumps, the way it is put together.
    def lumps(swap)
      return if swap.school == "reduction"

      risk = Families::Sauce::LumpRisk.assess(swap.ours.cooking.formula, swap.ours.options.pour || Families::Sauce::LumpRisk.usual(swap.school))
      {level: risk.level, words: risk.words}
    end

    # What the eaters' rules took out and left; nil when nobody has one.
    def diet(family, swap, who)
      exclusion = Diets::Exclusion.of(swap.ours.options.without, family.catalogue)
      return if exclusion.empty?

      left, out = Families::Sauce::Choice.new(family.catalogue, exclusion).thickeners
      {diets: exclusion.diets.map { |diet| {say: diet.say, note: diet.note} }, who: who.reject { |eater| eater.diets.empty? }.map(&:name),
       left: left.map(&:say), out: out.map(&:say),
       changed: swap.substitutions.map { |found| {from: found.line.text.strip, to: found.lines.map(&:text), costs: found.costs} }}
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

    def moment(moment)
      {when: moment.when.to_s, celsius: moment.celsius.round(1), pa_s: moment.viscosity.value,
       low_pa_s: moment.viscosity.low, high_pa_s: moment.viscosity.high, grade: moment.grade.key,
       low_grade: moment.low_grade.key, high_grade: moment.high_grade.key, film_mm: moment.film_mm.round(2), text: moment.text,
       plate_mm: moment.plate_mm&.round}
    end
  end
end
