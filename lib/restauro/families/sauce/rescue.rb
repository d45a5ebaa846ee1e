require_relative "rescue/move"

module Restauro
  module Families
    class Sauce
      # What to do with the sauce that is in the pan. Its body is taken as it was seen, whatever the recipe said; each
      # move is laid into a fresh course, and where it lands is read off that course.
      class Rescue
        SETTLED_SHARE = 0.002
        ROUNDS = 8

        # @param family [Sauce]   @param recipe [Recipes::Recipe]   @param options [Options]
        # @param observed [Float] e   @param target [Float] e   @param starch [Ingredient] for a slurry
        def initialize(family, recipe, options, observed:, target:, starch:)
          @family = family
          @options = options
          @observed = observed
          @target = target
          @starch = starch
          @recipe = as_seen(family.read(recipe))
          @now = predict(options)
          freeze
        end

        # @return [Result]   @raise [InvalidInput]
        def result
          moves = (@observed < @target ? [slurry, simmer] : [dilute]).compact
          Result.new(observed: @observed, target: @target, moves: close_enough? ? [].freeze : moves.freeze, now: @now)
        end

        private

        def close_enough? = (@observed - @target).abs <= Constants.fetch(:sauce, :least_e)
        def predict(options) = @family.predict(@recipe, options)

        # The recipe with its bodies scaled to what was seen. Twice, for a gum that does not go by its grams.
        def as_seen(recipe)
          2.times do
            e = @family.predict(recipe, @options).flour_equivalents.value
            raise InvalidInput, "this recipe holds nothing that thickens: there is no body to go by" unless e.positive?

            recipe = scaled(recipe, @observed / e)
          end
          recipe
        end

        def scaled(recipe, share)
          bodies = Formula.from(recipe, @family.catalogue).bodies.map(&:line)
          lines = recipe.lines.map do |line|
            bodies.any? { |body| body.equal?(line) } ? line.with(grams: line.grams * share) : line
          end
          recipe.with(lines: lines)
        end

        def end_s = @now.end_seconds.ceil
        def seconds(name) = Constants.fetch(:sauce, name).round

        # Grams of starch: by division, then again on a fresh course until they settle.
        def slurry
          grams = settle(first_slurry) do |guess|
            guess * (@target - @observed) / [landing(slurry_events(guess)) - @observed, 1e-3].max
          end.round(1)
          events = slurry_events(grams)
          move(:slurry, events, ingredient: @starch, grams: grams, liquid_grams: water(grams),
               minutes: seconds(:rescue_slurry_seconds) / 60.0, text: slurry_text(grams))
        end

        # S = m (target - e)/(100 p - target w), w grams of water a gram of starch.
        def first_slurry
          per_gram = 100 * @starch.thick_power - @target * Formula.water_for(@starch, 1.0)
          @now.cooking.liquid_g * (@target - @observed) / per_gram
        end

        def water(grams) = Formula.water_for(@starch, grams).round(1)

        def slurry_events(grams)
          ["t=#{end_s} heat medium", "t=#{end_s} add #{water(grams)} water at 20",
           "t=#{end_s} add #{grams} #{@starch.key} at 20", "t=#{end_s + seconds(:rescue_slurry_seconds)} heat low"]
        end

        def slurry_text(grams)
          measure = Measure.nearest(@starch, grams, units)&.text
          "Stir #{grams} g #{@starch.say}#{" (#{measure})" if measure} into #{water(grams)} g cold water. " \
          "Back to a bubble, pour it in a thin stream, whisking, and give it a minute."
        end

        # Minutes of bubbling until enough water has gone: read off one long course.
        def simmer
          longest = end_s + seconds(:rescue_longest_seconds)
          long = predict(with_events(["t=#{end_s} heat medium", "t=#{longest} heat low"]))
          there = long.course.find do |point|
            point.seconds > end_s && point.flour_equivalents && point.flour_equivalents >= @target
          end
          return unless there

          # The course's points are closer than a tenth of a minute.
          minutes = ((there.seconds - end_s) / 60).round(1)
          events = ["t=#{end_s} heat medium", "t=#{(end_s + minutes * 60).round} heat off"]
          move(:simmer, events, minutes: minutes,
               text: "Boil it down on medium, stirring, for #{minutes.to_s.delete_suffix(".0")} min, lid off.")
        end

        # m (e/target - 1) of the liquid that is most of it, in portions.
        def dilute
          liquid = @now.cooking.liquid_g
          grams = settle(liquid * (@observed / @target - 1)) do |guess|
            guess + liquid * (landing(dilute_events(guess)) / @target - 1)
          end.round(1)
          return if grams <= 0

          move(:dilute, dilute_events(grams), ingredient: thinner, liquid_grams: grams,
               minutes: seconds(:rescue_dilute_seconds) / 60.0,
               text: "Whisk in #{grams.round} g #{thinner.say} in portions, smooth each time, and bring it back to a " \
                     "bubble.")
        end

        def thinner =
          @now.cooking.formula.liquids.max_by { |part| part.grams.value }&.ingredient ||
            @family.catalogue.fetch("water")
        def dilute_events(grams) = ["t=#{end_s} heat low", "t=#{end_s} add #{grams.round(1)} #{thinner.key} at 20",
                                    "t=#{end_s + seconds(:rescue_dilute_seconds)} heat low"]

        def settle(guess)
          ROUNDS.times do
            better = yield(guess)
            return better if (better - guess).abs <= SETTLED_SHARE * better.abs

            guess = better.clamp(0.05, 5000.0)
          end
          guess
        end

        def with_events(texts) =
          @options.with_choices(events: @options.events + texts.map { |text| @family.event(text) })
        def landing(events) = predict(with_events(events)).flour_equivalents.value
        def units = KitchenUnits.of(@recipe.system)

        def move(kind, events, text:, **fields)
          after = predict(with_events(events))
          Move.new(kind: kind.to_s, text: text, events: events.freeze, lands_at: after.flour_equivalents.value,
                   prediction: after,
                   measure: fields[:ingredient] && fields[:grams] &&
                     Measure.nearest(fields[:ingredient], fields[:grams], units), **fields)
        end
      end
    end
  end
end
