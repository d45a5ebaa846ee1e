module Restauro
  module Families
    class Crust
      # What crusts say about themselves.
      module Declarations
        include Declared

        CHOICES =
          %i[style school with target pan oven oil cover filling_start thickness_mm hold filling_with hands].freeze

        FRIES = DataFiles.words("families/crust/words.yml").fetch(:fries)
        private_constant :FRIES

        # @return [String] of the family
        def key = "crust"
        # (see Declared#choices)
        def choices = CHOICES + ANY
        def takes?(ingredient) = ingredient.starchy? || Dough::Declarations::HELD.include?(ingredient.group)
        # (see Declared#ways)
        def ways = School.all.map(&:key)
        # (see Declared#told)
        def told(place, shared)
          said = place.said
          fat = frying(place) unless said.oven || shared[:oven]
          {oven: said.oven, pan: said.pan, oil: fat, makes: said.makes || folded(place.dish.recipe)}.compact
        end

        # As many as are cut to be folded over, or as there are fruits to wrap.   @return [Integer, nil]
        def folded(recipe)
          return unless Style.told(recipe)&.key == "hand"

          RoundsSaid.count(recipe) || Gathered.count(recipe, catalogue)
        end

        # As the method says it; else a pot of fat that stands in the list.   @return [Heat::Frying, nil]
        def frying(place)
          return place.oil && Heat::Frying.parse(place.oil) if place.said.oil

          lines = held(place)
          pot = lines.any? do |line|
            line.to_fry_in? && line.text.match?(FRIES) && (line.grams.nil? || Parts.pot?(line))
          end
          Heat::Frying.usual(:deep, lines) if pot
        end

        # On top where it covers; for as long as the recipe bakes or fries it.
        def usual(place, recipe, chosen)
          {
            cover: (over(recipe, chosen, place.dish.recipe) if place.covers?),
            bake_minutes: place.said.baked ? place.said.bake_minutes : place.frying&.minutes,
            stew_minutes: place.said.simmer_minutes,
            crowned: (true if place.crowned?(catalogue)),
            filled_raw: RawFilling.packed(place.dish.recipe, place.dish.recipe.ingredients),
            laid_raw: (true if LaidRaw.said?(place.dish.recipe, held(place))),
            cut_out: (true if Dropped.cut_out?(place.dish.recipe)),
            round_cm: RoundsSaid.mm(place.dish.recipe)&.then { |wide| wide / 10 },
            steam_minutes: (steamed(place, recipe) unless chosen[:oven]),
            blind_minutes: place.said.blind_minutes,
            blind_oven: (place.said.blind_oven if chosen[:oven] == place.said.oven)
          }.compact
        end

        # Its own things, and those of what it holds.
        def held(place) = place.part.lines + place.under.flat_map { |at| place.dish.parts[at].lines }

        # Over water, and what is in it with it: leaves beside a tart are steamed in minutes.   @return [Float, nil] min
        def steamed(place, recipe)
          minutes = place.said.steamed(place.dish.title)
          return minutes if place.filled_crust?

          minutes if minutes.to_f >= Constants.fetch(:crust, :steamed_least_minutes) && Filling.of(recipe, catalogue)
        end

        # A lid; small pies have cases too, where there is dough for them, and a pie of which only its name is told.
        def over(recipe, chosen, dish_recipe = recipe)
          return "double" if Cover.dough_words(Cover.words(recipe)) == "double"

          crust = Prediction.new(recipe, catalogue, options(**chosen.slice(:makes, :pan, :style), cover: "top"))
          Cups.cases?(crust) || Cover.two_crusts?(crust, dish_recipe) ? "double" : "top"
        end

        # (see Declared#holds)
        def holds(place) = place.under

        # (see Declared#expected)
        def expected(swap)
          done = swap.ours.filling_celsius
          points = done && swap.ours.baking.filling_course.map { |point| [point.minutes, point.centre] }
          ["the middle of the filling", points, done]
        end
      end
    end
  end
end
