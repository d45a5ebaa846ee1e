module Restauro
  module Families
    class Sauce
      # One sauce cooked in the pan: the default course of its school with the cook's own events laid in.
      class Cooking
        attr_reader :formula, :options, :result

        # @param formula [Formula]   @param options [Options]   @param water [Ingredient]
        # @param trials [Array<Ingredient>] thickeners that ride along to see what would become of them; they weigh
        # nothing
        def initialize(formula, options, water:, trials: [])
          @formula = formula
          @options = options
          @water = water
          @bodies = formula.bodies + event_bodies
          @trials = trials
          @result = Physics::PanCourse.run(**course)
          freeze
        end

        # The same course with other grams of the same thickeners: their weight does not act on the pan, only a slurry's
        # water does.
        # @param formula [Formula] the same things in the same order
        def with(formula) = dup.tap { |other| other.send(:regram, formula) }.freeze

        # Whether a thickener is stirred cold and goes in at the boil; a flour goes in with the cold liquid.
        def self.late?(ingredient) = %w[starch binder].include?(ingredient.group)

        # Whether what else thickens asks for eggs that boil with it; in a thinner sauce they go in last, below the
        # boil.
        def boiled_eggs?
          formula.parts.any? { |part| part.ingredient.group == "egg" && !Recipes::PartedEggs.line?(part.line) } &&
            formula.starch_e >= Constants.fetch(:sauce, :boiled_eggs_least_e)
        end

        # @return [Physics::PanCourse::Point] of its course
        def last = result.points.last
        # @return [Float] g left at the end
        def liquid_g = last.liquid_grams
        # Swollen and intact share, at the end, of a trial thickener.
        def trial_share(index) = last.shares[@bodies.length + index]

        # Swollen and intact share, at the end, of one of the formula's bodies.
        def share_of(part) = last.shares.fetch(@bodies.index(part))

        # @return [Float, nil] e at a point of the course; nil under 20 g of liquid
        def flour_equivalents(point = last, bodies = @bodies)
          return if point.liquid_grams < Constants.fetch(:sauce, :least_liquid)

          [contributions(point, bodies).sum(0.0), Constants.fetch(:sauce, :e_cap)].min
        end

        # Each body with its flour-equivalents at the end.   @return [Array<Array(Formula::Part, Float)>]
        def shares_of_e = @bodies.zip(contributions(last, @bodies))

        # e at the end from everything that is not among these parts.
        def flour_equivalents_without(parts)
          @bodies.zip(contributions(last, @bodies)).reject { |body, _| parts.include?(body) }.sum(0.0, &:last)
        end

        private

        def regram(formula) = (@formula, @bodies = formula, formula.bodies + event_bodies)

        def contributions(point, bodies)
          bodies.each_with_index.map do |body, index|
            Body.flour_equivalents(body.ingredient, grams: body.grams.value, share: point.shares[index],
                                   liquid_g: point.liquid_grams, celsius: point.celsius, power: body.power)
          end
        end

        def event_bodies
          options.events.select { |event| event.kind == :add }
                 .map { |event| Formula::Part.new(event.ingredient, Estimate.new(value: event.grams), nil) }
                 .select { |part| Body.counts?(part) }
        end

        def course
          {pan: options.pan, watts: options.heating_watts, thickeners: @bodies.map(&:ingredient) + @trials,
           stir: options.stirring, lid: options.lid, dry_celsius: Roux.celsius(formula.colour),
           events: [pouring, *cook_events], at_boil: at_boil, simmer_s: simmer_s,
           limit_s: Constants.fetch(:sauce, :boil_limit_seconds) + (slurry? ? 0.0 : roux_seconds),
           after_limit_s: slurry? ? simmer_s : 0.0}
        end

        # A flour wants two minutes however it goes in, and so do eggs that boil with the starch; a starch alone one.
        def simmer_s =
          options.simmer_s || Constants.fetch(:sauce, quick? ? :simmer_slurry_seconds : :simmer_roux_seconds)
        def quick? = slurry? && formula.thickeners.all? { |part| Cooking.late?(part.ingredient) } && !boiled_eggs?
        # Whether the liquid stands in the pan from the start.
        def slurry? = formula.school != "roux"
        def roux_seconds = Roux.seconds(formula.colour)

        # The liquid goes cold onto the roux, or stands in the pan from the start; all but the thickener dissolves in
        # it.
        def pouring
          entering = @bodies.each_index.select { |i| with_liquid?(@bodies[i]) } +
            (slurry? ? trial_indexes - late_trials : trial_indexes)
          dissolved = formula.parts.filter_map do |part|
            [part.ingredient, part.grams.value] unless stirred_in?(part.line)
          end
          Physics::PanCourse::Timed.new(slurry? ? 0.0 : roux_seconds, add(formula.poured_g, dissolved, entering))
        end

        def stirred_in?(line) = line.equal?(formula.slurry_line) || line.role == "thickener"
        def with_liquid?(body) =
          body.line && !(slurry? && body.line.role == "thickener" && Cooking.late?(body.ingredient))
        def late_trials = @trials.each_index.select { |i| Cooking.late?(@trials[i]) }.map { |i| @bodies.length + i }
        def trial_indexes = @trials.each_index.map { |i| @bodies.length + i }

        def at_boil
          return [] if formula.school == "reduction"

          simmer = Physics::PanCourse::Heat.new(options.simmer_watts)
          return [simmer] unless slurry?

          late = @bodies.each_index.select do |i|
            @bodies[i].line&.role == "thickener" && Cooking.late?(@bodies[i].ingredient)
          end
          [simmer, add(formula.slurry_water_g, [[@water, formula.slurry_water_g]], late + late_trials)]
        end

        def add(grams, parts, entering, celsius: Constants.fetch(:pan, :start_celsius))
          Physics::PanCourse::Add.new(grams, celsius, parts, entering)
        end

        def cook_events
          next_body = formula.bodies.length - 1
          options.events.map do |event|
            thickens = event.kind == :add && @bodies.any? { |b| b.line.nil? && b.ingredient == event.ingredient }
            entering = thickens ? [next_body += 1] : []
            Physics::PanCourse::Timed.new(event.seconds, action(event, entering))
          end
        end

        def action(event, entering)
          case event.kind
          when :add
            liquid = event.ingredient.liquid? ? event.grams : 0.0
            add(liquid, [[event.ingredient, event.grams]], entering, celsius: event.celsius)
          when :heat then Physics::PanCourse::Heat.new(event.watts)
          when :lid then Physics::PanCourse::Lid.new(event.on)
          end
        end
      end
    end
  end
end
