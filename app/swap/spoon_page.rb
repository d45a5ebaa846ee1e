module Restauro
  # One spoon of flour, answered in a line: what takes its place in the sauce that is typed, by each school; or by
  # itself, by what each starch can do.
  class SpoonPage
    SCHOOLS = {"roux" => "cooked in the fat", "slurry" => "stirred cold, into the boil"}.freeze
    ALONE = %w[
      corn_starch
      potato_starch
      arrowroot
      tapioca_starch
      white_rice_flour
      sweet_rice_flour
      blend_with_gum
    ].freeze

    attr_reader :line, :error

    def initialize(line, services)
      @line = FormText.clean(line).strip[0, 200]
      @services = services
      @line = "" if @line.empty?
    end

    # Amounts by school: words of each.   @return [Array<Array(String, String)>]
    def by_school
      return [] unless poured?

      SCHOOLS.filter_map { |school, words| [words, amounts(school)] }
    rescue InvalidInput => e
      @error = e.message
      []
    end

    # By itself: the starches that do the same, with their spoons.   @return [Array<Array(String, String)>]
    def alone
      return [] unless flour

      ALONE.map do |key|
        ingredient = @services.facts.fetch(key)
        grams = flour.grams.value / ingredient.thick_power
        spoons = Measure.nearest(ingredient, grams, KitchenUnits.of("metric"))
        ["#{Presenters::Format.grams(grams)} g #{ingredient.say}", spoons&.text]
      end
    end

    def flour
      recipe&.ingredients&.find do |one|
        one.counted? && @services.facts.fetch(one.ingredient).then { |i| i.contains_gluten? && i.starchy? }
      end
    end

    def poured? = recipe&.ingredients.to_a.any? { |one| one.role == "liquid" && one.counted? }

    private

    def recipe
      return if line.empty?

      @recipe ||= @services.reader("metric").read(line)
    rescue InvalidInput => e
      @error = e.message
      nil
    end

    def amounts(school)
      family = Families.fetch("sauce", @services.facts)
      swap = family.swap(recipe, family.options(school: school))
      swap
        .thickeners
        .map do |one|
          "#{Presenters::Format.grams(one.grams.value)} g #{@services.facts.fetch(one.ingredient).say} (#{one.amount_text})"
        end
        .join(" and ")
    end
  end
end
