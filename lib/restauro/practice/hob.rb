# frozen_string_literal: true

module Restauro
  module Practice
    # The pan on the hob as it stands at a second: the real sauce's course, its events the learner's own, in the seconds
    # they were done.
    class Hob
      SAUCE = Families::Sauce

      attr_reader :book, :formula, :result

      # @param acts [Array<Play::Act>]   @param book [Families::Sauce::Prediction] the sauce as the book has it
      def initialize(lesson, acts, seconds, catalogue, book)
        @lesson, @acts, @seconds, @catalogue, @book = lesson, acts, seconds, catalogue, book
        @formula = book.cooking.formula
        @starch = @formula.thickeners.first
        @result = course
        freeze
      end

      # @return [Physics::PanCourse::Point] now
      def point = result.points.last
      def liquid? = point.liquid_grams.positive?
      def boiling? =
        liquid? &&
          point.celsius >= result.mixture.boiling_rise_c + options.pan.boiling_celsius - figure(:bubbles_within_celsius)

      # g/100 g of the whole pan.
      def e
        return 0.0 unless liquid?

        all =
          bodies
            .each_with_index
            .sum(0.0) do |(ingredient, grams, power), index|
              SAUCE::Body.flour_equivalents(
                ingredient,
                grams: grams,
                share: point.shares[index],
                liquid_g: point.liquid_grams,
                celsius: point.celsius,
                power: power
              )
            end
        [all, Constants.fetch(:sauce, :e_cap)].min
      end

      # @return [Float] Pa s; none before there is liquid
      def pa_s(celsius = point.celsius) = liquid? ? book.viscosity_of(e, celsius, liquid_g: point.liquid_grams) : 0.0
      # @return [Float] mm on a spoon
      def film_mm = liquid? ? book.film_of([pa_s, LEAST_PA_S].max, e) : 0.0
      LEAST_PA_S = 1e-4

      # Whether its grains have had their heat.
      def cooked? = point.shares.first(bodies.length).all? { |share| share > figure(:cooked_share) }

      # @return [Array<Act>] done by now
      def done(what) = @acts.select { |act| act.what == what && act.seconds <= @seconds }
      # @return [String] how the ring is set
      def knob = done("heat").last&.with || @lesson.row["start"]
      def slurry? = @lesson.row["school"] == "slurry"
      def starch_in_first? = !slurry? || @lesson.row["slurry_first"] == "true"
      # Spoons of slurry, and of dry starch, as they went in.
      # @return [Array<Array(Play::Act, Float)>] with their grams of starch
      def pours
        acts = %w[slurry dry].flat_map { |what| done(what) }.sort_by(&:seconds)
        acts.map { |act| [act, @lesson.number("spoon", 0.0) * (act.with || 1).to_f] }
      end

      # The same pan some seconds before.
      def at(seconds) = Hob.new(@lesson, @acts, seconds, @catalogue, book)

      private

      def figure(name) = Constants.fetch(:practice, name)
      def options = book.options
      def start_celsius = Constants.fetch(:pan, :start_celsius)
      def timed(at, action) = Physics::PanCourse::Timed.new(at, action)

      # What thickens, each pour by itself: ingredient, g, power.
      def bodies
        first = starch_in_first? ? [[@starch.ingredient, @starch.grams.value, @starch.power]] : []
        first + pours.map { |_, grams| [@starch.ingredient, grams, 1.0] }
      end

      def course
        heats = [[0.0, @lesson.row["start"]], *done("heat").map { |act| [act.seconds, act.with] }, [@seconds, knob]]
        events = heats.map { |at, level| timed(at, Physics::PanCourse::Heat.new(watts(level))) }
        Physics::PanCourse.run(
          pan: options.pan,
          watts: watts(heats.first.last),
          thickeners: bodies.map(&:first),
          events: [*events[0..-2], *jug, *spoons, *lemon, events.last],
          at_boil: [],
          simmer_s: 0.0,
          limit_s: @seconds,
          dry_celsius: SAUCE::Roux.celsius("white")
        )
      end

      def watts(level)
        return 0.0 if level == "off"

        level == "low" ? options.simmer_watts : options.ring_share * Physics::Pan.watts(level)
      end

      # The liquid: there from the start in a slurry's pan, poured by the learner onto a roux.
      def jug
        pour = done("pour").first
        at = slurry? ? 0.0 : pour&.seconds
        return [] unless at

        celsius = pour&.with == "hot_at_once" ? Constants.fetch(:sauce, :lump_hot_liquid_celsius) : start_celsius
        parts =
          formula
            .parts
            .reject { |part| part.line.role == "thickener" }
            .map { |part| [part.ingredient, part.grams.value] }
        [timed(at, Physics::PanCourse::Add.new(formula.poured_g, celsius, parts, starch_in_first? ? [0] : []))]
      end

      # A spoon of slurry brings the water that the school stirs its starch into.
      def spoons
        from = bodies.length - pours.length
        pours.each_with_index.map do |(act, grams), index|
          water = act.what == "dry" ? 0.0 : SAUCE::Formula.water_for(@starch.ingredient, grams)
          parts = water.zero? ? [] : [[@catalogue.fetch("water"), water]]
          timed(act.seconds, Physics::PanCourse::Add.new(water, start_celsius, parts, [from + index]))
        end
      end

      def lemon
        done("lemon")
          .first(1)
          .map do |act|
            grams = @lesson.number("lemon_g")
            timed(
              act.seconds,
              Physics::PanCourse::Add.new(grams, start_celsius, [[@catalogue.fetch("lemon_juice"), grams]], [])
            )
          end
      end
    end
  end
end
