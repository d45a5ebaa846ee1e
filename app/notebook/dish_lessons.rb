module Restauro
  # What a dish that was cooked teaches, from its plan and what was confirmed of it: predicted by the book, measured by
  # the cook.
  class DishLessons
    # @param page [DishPage]   @param services [Services]
    def initialize(page, services)
      @page = page
      @services = services
    end

    # @param texture [String] key of how it came out   @param right [Boolean] whether it was called right
    # @param side [String] where a bake was darkest, or empty
    # @return [Array<Array(Hash, String)>] data of Learning::Seen, and words
    def all(texture, right:, side: "")
      planned = [*bakes, *boils, *drink, *pieces].map { |data, words| [lessons.by_the_book(data, believed), words] }
      found =
        [*planned, *stretched(right), *BakeLessons.sides(side), root, *seen,
         *eaten(texture, right)].compact.select(&:first)
      found.map { |data, words| [data.merge("packs" => packs(data)), words] }
    end

    # A reading by itself, of the sauce on the page.   @param worked [SwapPage]   @param measured [Float] g/100 g
    def self.reading(worked, measured, how:, words:, services:)
      lesson = Learning::Lessons.sauce(measured, by_the_book(worked, services), how: how) or return
      [lesson.merge("packs" => in_use(lesson, services)), words]
    end

    # Our sauce as the book alone has it.   @return [Families::Sauce::Prediction]
    def self.by_the_book(worked, services)
      family = Families.fetch("sauce", services.packs.shelf.catalogue(services.facts))
      family.predict(worked.swap.ours.recipe, worked.options.with_choices(target: nil, with: [], events: []))
    end

    # Which pack each ingredient of a lesson comes from now.
    def self.in_use(lesson, services)
      now = services.packs_in_use
      lesson["shares"].keys.to_h { |key| Learning::Unknown.ingredient(key).then { |one| [one, now[one]] } }.compact
    end

    private

    def lessons = Learning::Lessons
    def packs(data) = DishLessons.in_use(data, @services)
    def worked = @page.worked
    def timed(kind)
      @page.plan.steps.each_with_index.filter_map do |planned, index|
        took = @page.dish.took(index)
        [planned, took / 60] if planned.kind == kind && took && planned.minutes
      end
    end

    # What the plan counted with already.
    def believed = @page.row.snapshot["believed"].to_h

    def bakes
      %w[prebake bake].flat_map do |kind|
        timed(kind).map { |planned, took| BakeLessons.timed(worked, planned.minutes, took, @services, kind: kind) }
      end
    end

    # As far as its shape needs where it held; so much less where it tore.
    def stretched(right)
      return [] unless worked.swap.respond_to?(:binder) && worked.swap.ours.respond_to?(:stretch_needed)

      tore = @page.dish.seen.select { |one| one["short"] }
      return tore.map { |one| [stretch(one["short"]), one["words"]] } if tore.any?

      right ? [[stretch(0.0), "it held as it should"]] : []
    end

    def stretch(short)
      parts = worked.swap.ours.weights.map do |ingredient, grams|
        [@services.facts.find_key(ingredient.key) || ingredient, grams]
      end
      lessons.stretch(parts, worked.swap.ours.stretch_needed, short: short)
    end

    def boils
      return [] unless sauce?

      heat = worked.input.hob
      timed("boil").map do |planned, took|
        [lessons.boil(heat, planned.minutes, took),
         "#{planned.minutes.round(1)} min to the boil on #{heat.tr("_", "-")} took #{took.round(1)}"]
      end
    end

    # What went in by the scale and by feel, where a dough or a batter takes its liquid so.
    def drink
      return [] unless worked.swap.respond_to?(:flours) && worked.swap.liquid

      item = @page.plan.items.find { |one| one.key == worked.swap.liquid.ingredient } or return []
      grams = @page.dish.weighed[item.id]
      return [] if grams.nil? || (grams - item.grams).abs < 0.5

      [[lessons.drink(flours, item.grams, grams),
        "#{grams.round} g #{item.name} went in, #{item.grams.round} were planned"]]
    end

    # What a test piece said of the bowl.
    def pieces
      return [] unless worked.swap.respond_to?(:flours)

      @page.dish.seen.select { |one| one["drink"] }
        .map { |one| [lessons.drink(flours, 1.0, one["drink"]), "a test piece: #{one["words"]}"] }
    end

    def flours =
      worked.swap.flours.to_h { |line| [@services.facts.find_key(line.ingredient), line.grams.value] }
        .reject { |flour, _| flour.nil? }

    # Both weights of the root.
    def root
      raw, cooked = worked.input.state.values_at("raw_g", "cooked_g").map { |text| FormText.number(text) }
      return unless raw && cooked

      book = @services.facts.fetch("potato_riced")
      found =
        Hydration::Moisture.weighed(raw_water: @services.facts.fetch("raw_potato").water_pct, from_g: raw, to_g: cooked)
      [lessons.water(found.water / 100, book), "#{raw.round} g raw came to #{cooked.round} g"]
    rescue InvalidInput
      nil
    end

    def sauce? = worked.swap && worked.family.grades.any?

    # The spoon that was looked at on the way.
    def seen
      return [] unless sauce?

      @page.dish.seen.select { |one| one["e"] }
        .map { |one| [lessons.sauce(one["e"], book, how: one["how"]), one["words"]] }
    end

    # At the table: of a sauce how thick it was, and of any that is called right how it is liked.
    def eaten(texture, right)
      found = sauce? ? [[tasted(grade(texture)), "at the table it #{grade(texture).does}"]] : []
      right ? [*found, LikingLesson.of(worked, texture)].compact : found
    rescue InvalidInput, NotFound
      []
    end

    def tasted(grade) = lessons.sauce(grade.flour_equivalents, book, how: "eaten")
    def grade(texture) = Families::Sauce::Grade.fetch(texture)
    def book = @book ||= DishLessons.by_the_book(worked, @services)
  end
end
