module Restauro
  module Families
    class Sauce
      # What sauces say about themselves.
      module Declarations
        include Declared

        CHOICES = %i[
          school
          with
          target
          heat
          serve_celsius
          events
          simmer_s
          colour
          pour
          watts
          pan_cm
          lid
          stir
          stew_minutes
          becomes
        ].freeze

        # @return [String] of the family
        def key = "sauce"
        # (see Declared#choices)
        def choices = CHOICES + ANY
        # (see Declared#metric)
        def metric = :flour_equivalents
        def takes?(ingredient) = ingredient.thickens? && ingredient.group != "crumb"
        # (see Declared#ways)
        def ways = Options::SCHOOLS
        def texture?(value) = Grade::ALL.map(&:key).include?(value.to_s) || number?(value)
        # (see Declared#textures)
        def textures = Grade::ALL.to_h { |grade| [grade.key, "#{grade.name}: #{grade.does}"] }
        # (see Declared#grades)
        def grades = Grade::ALL

        # The minutes of a stew are its meat's: the sauce is made first, and thins no further under the lid. Of two
        # sauces nobody can tell whose they are.
        def told(place, _shared)
          return {stew_minutes: 0.0} if later?(place)

          simmer = simmer(place) or return {}
          return {stew_minutes: simmer.minutes} if place.part.lines.any? { |line| stewed?(line) }

          Recipes::Poached.step?(simmer.text) ? {} : {simmer_s: 60.0 * simmer.minutes}
        end

        # What is said of it, else of no other part; not the minutes of fish that is poached before.
        # @return [Dishes::Timing, nil]
        def simmer(place)
          fish = place.part.lines.select { |line| line.kind == "fish" }
          timings = place.said.simmers.reject { |one| one.names_any?(fish) }
          first = timings.first
          place.mine(timings) || (first if first && place.only_of_its_family? && place.nobody_elses?(first))
        end

        def stewed?(line) =
          ["whole_meat", *Recipes::Poached::KINDS.values].include?(line.kind) || CompanionKinds.joint?(line)

        # Its meat goes tender in the oven, in a pot of its own, or in a basin over water.
        def later?(place) = place.said.stewed_in_the_oven?(place.dish.parts) || place.said.pot || steamed?(place)

        def steamed?(place) = place.in_a_crust? && !place.said.steamed(place.dish.title).nil?

        # No thinner than holds a cut in a crust, or stands by itself in a coat; thinner than wheat's between sheets
        # that give up starch.
        def usual(place, recipe, chosen)
          least = least_e(place)
          return {} if chosen[:target] || !(least || place.between?)

          own = predict(recipe, options(**chosen.slice(:altitude, :heat, :simmer_s))).flour_equivalents.value
          return {} unless own.positive?
          return own < least ? {target: least} : {} if least

          {target: Dishes::Bake.into_e(place.dish, place.index, recipe.ingredients, own, catalogue)}.compact
        end

        # From when the liquid is in: before that there is nothing to put a probe into.
        def expected(swap)
          poured = swap.ours.course.drop_while { |point| point.liquid_grams < Constants.fetch(:sauce, :least_liquid) }
          points = poured.map { |point| [(point.seconds - poured.first.seconds) / 60.0, point.celsius] }
          ["the sauce", points, swap.ours.cooking.result.boil_seconds && swap.ours.course.map(&:celsius).max]
        end

        # A roux starts in the pan; a slurry is stirred apart, cold.
        def bowl(line, way)
          return %w[fat thickener].include?(line.role) ? "pan" : "wet" unless way == "slurry"

          line.role == "thickener" || (line.added && line.role == "liquid") ? "slurry" : "pan"
        end

        private

        def least_e(place)
          return Constants.fetch(:dishes, :croquette_e) if place.in_a_coat?

          Constants.fetch(:crust, :hold_sauce_e) if place.in_a_crust?
        end
      end
    end
  end
end
