require_relative "pan_course/actions"

module Restauro
  module Physics
    # A pan taken through a list of events: piecewise integration with the boil located exactly.
    # An event stands at seconds from the start; those in at_boil come at the first boil, or when it is not waited for.
    class PanCourse
      EPSILON = 1e-6

      # @param thickeners [Array<Ingredient>]   @param events [Array<Timed>]   @param at_boil [Array]
      # @param simmer_s [Float] s after the boil   @param limit_s [Float] s to wait for it
      # @param after_limit_s [Float] s cooked on when it never boils   @param stir [Float] how hard the grains work
      # @param dry_celsius [Float] a roux is kept at this until the liquid goes in   @param lid [Boolean] from the start
      def self.run(**arguments) = new(**arguments).send(:run)

      def initialize(pan:, watts:, thickeners:, events:, at_boil:, simmer_s:, limit_s:, after_limit_s: 0.0,
                     stir: Constants.fetch(:starch, :stir_still),
                     dry_celsius: Constants.fetch(:sauce, :roux_white_celsius), lid: false)
        @pan, @watts, @thickeners, @at_boil, @simmer_s, @limit_s, @after_limit_s =
          pan, watts, thickeners, at_boil, simmer_s, limit_s, after_limit_s
        @stir, @dry_celsius, @lid = stir, dry_celsius, lid
        @events = events.sort_by.with_index { |event, i| [event.seconds, i] }
        @last_event_s = @events.map(&:seconds).max || 0
        @interval = Constants.fetch(:sauce, :course_interval)
        @step = Constants.fetch(:sauce, :integration_step)
        @dry_share = Constants.fetch(:sauce, :dry_share)
        start
      end
      private_class_method :new

      private

      def start
        @seconds = 0.0
        @state = [Constants.fetch(:pan, :start_celsius), 0.0] + @thickeners.flat_map { [0.0, 1.0] }
        @inside = @thickeners.map { false }
        @parts, @points = [], []
        @poured, @boiling = 0.0, false
        @boil_seconds = @finish = @stop = nil
        conditions_changed
      end

      def run
        until finished?
          happen
          record if on_grid?
          advance_to(next_stop)
        end
        happen(final: true)
        record
        Result.new(points: @points.freeze, boil_seconds: @boil_seconds, stop: @stop, mixture: @mixture).freeze
      end

      def finished? = @stop == :boiling_dry || (@finish && @seconds >= @finish - EPSILON)

      # Events that are due; at the very end those of that same second still count.
      def happen(final: false)
        act(@events.shift.action) while due? && (@stop != :boiling_dry || !final)
        give_up_waiting if @finish.nil? && @seconds >= @limit_s - EPSILON
      end

      def due? = @events.any? && @events.first.seconds <= @seconds + EPSILON

      def act(action)
        case action
        when Add then pour(action)
        when Heat then @watts = action.watts
        when Lid then @lid = action.on
        end
        conditions_changed
      end

      def pour(add)
        pan_side = @state[1] * PanSystem::LIQUID_HEAT + @pan.heat_capacity
        added = add.grams * PanSystem::LIQUID_HEAT
        @state[0] = (pan_side * @state[0] + added * add.celsius) / (pan_side + added)
        @state[1] += add.grams
        @poured += add.grams
        @parts += add.parts
        add.entering.each { |index| enter(index) }
      end

      def enter(index)
        @inside[index] = true
        @state[2 + 2 * index] = 1.0 unless @thickeners[index].paste_onset_c
      end

      def conditions_changed
        @mixture = Mixture.new(@parts)
        @boiling_celsius = dry_pan? ? @dry_celsius : @pan.boiling_celsius + @mixture.boiling_rise_c
        @state[0] = @boiling_celsius if @state[0] > @boiling_celsius
        grains = @thickeners.zip(@inside).map do |ingredient, inside|
          Grain.in(ingredient, @mixture, stir: @stir) if inside && ingredient.paste_onset_c
        end
        build = ->(boiling) { PanSystem.new(pan: @pan, watts: @watts, lid: @lid, grains: grains, boiling: boiling) }
        @boiling = at_boil? && (dry_pan? ? @watts.positive? : build.(false).holds_boil?(@boiling_celsius))
        @system = build.(@boiling)
      end

      def at_boil? = @state[0] >= @boiling_celsius - EPSILON
      def dry_pan? = @state[1] <= 0

      def next_stop
        grid = ((@seconds + EPSILON) / @step).floor * @step + @step
        [grid, @events.first&.seconds, @finish, (@limit_s if @finish.nil?)].compact.min
      end

      def advance_to(target)
        return if target <= @seconds

        reached = @system.step(@state, target - @seconds)
        return reach_boil(target - @seconds) if !@boiling && reached[0] >= @boiling_celsius

        @seconds = target
        @state = reached
        @stop = :boiling_dry if @poured.positive? && @state[1] < @dry_share * @poured
      end

      def reach_boil(step)
        until_boil = @system.seconds_to(@boiling_celsius, @state, step)
        @state = @system.step(@state, until_boil)
        @state[0] = @boiling_celsius
        @seconds += until_boil
        first_boil if @boil_seconds.nil? && !dry_pan? && @finish.nil?
        conditions_changed
      end

      def first_boil
        @boil_seconds = @seconds
        @finish = [@seconds + @simmer_s, @last_event_s].max
        @at_boil.each { |action| act(action) }
      end

      # It never boiled: what waited for the boil goes in all the same, at the heat there is.
      def give_up_waiting
        @stop = :never_boils
        @finish = [@limit_s + @after_limit_s, @last_event_s].max
        @at_boil.each { |action| act(action) unless action.is_a?(Heat) }
      end

      def on_grid? = ((@seconds / @interval).round * @interval - @seconds).abs < EPSILON

      def record
        @points.pop if @points.any? && (@points.last.seconds - @seconds).abs < EPSILON
        shares = @inside.each_with_index.map { |inside, i| inside ? @state[2 + 2 * i] * @state[3 + 2 * i] : 0.0 }
        @points << Point.new(@seconds, @state[0], @state[1], shares.freeze).freeze
      end
    end
  end
end
