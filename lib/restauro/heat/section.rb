module Restauro
  module Heat
    # A section through a coated piece, from its middle to its crust, over time: finite volumes in one direction (slab,
    # cylinder or sphere). While the coat is wet its surface stays at the wet temperature and what heat the piece does
    # not take boils its water off; then it dries to a crust that lets little heat through, browns and, left too long,
    # burns. The piece itself is wet and never over the boil. Both faces get the same: the piece is turned.
    class Section
      # minutes · centre, surface C · coat_water share of the coat's weight · profile C from the middle out
      Point = Struct.new(:minutes, :centre, :surface, :coat_water, :profile, keyword_init: true)
      # points every half minute · minutes until crisp, done, brown, burnt; nil when that does not come in time
      Result = Struct.new(:points, :crisp, :done, :brown, :burnt, keyword_init: true)

      # @param piece [Piece]   @param around [Surroundings]   @param coat_m [Float] m   @param coat_*_kg_m2 [Float]
      # @param minutes [Float] how long to look   @param from [Float] C   @param browns [Float] times a wheat crust
      # @param enough [Float, nil] min after which a middle that is done ends it: a filling neither browns nor burns
      # @param until_known [Array<Symbol>] the moments that are asked for: it stops when all of them have come
      def self.cook(piece, around, coat_m: 0.0, coat_water_kg_m2: 0.0, coat_dry_kg_m2: 0.0,
                    minutes: Constants.fetch(:heat, :longest_minutes),
                    from: Constants.fetch(:heat, :piece_start_celsius), browns: 1.0, enough: nil,
                    until_known: %i[crisp done burnt])
        new(piece, around, coat_m, coat_water_kg_m2, coat_dry_kg_m2, minutes, from, browns, enough, until_known).cook
      end

      RECORD_S = 30.0
      STEP_S = Constants.fetch(:heat, :step_s)
      LATENT = Constants.fetch(:heat, :latent_heat)
      CRISP = Constants.fetch(:heat, :crisp_water_share)
      COAT_HEAT = Constants.fetch(:heat, :dry_coat_heat)
      GIVEN = Constants.fetch(:heat, :piece_water_given)
      DRY_CRUST = Constants.fetch(:heat, :dry_crust_conductance)
      WATER_HEAT = Constants.fetch(:heat, :driven_water_heat)
      BOIL = 100.0
      # J/(m2 K) of a bare skin: a tenth of a millimetre.
      SKIN_HEAT = Constants.fetch(:heat, :skin_heat)

      def initialize(piece, around, coat_m, water, dry, minutes, from, browns, enough, until_known)
        @enough_s = enough && enough * 60
        @waits_for, @points = until_known, []
        @piece, @around, @dry, @limit_s = piece, around, dry, minutes * 60
        @done_celsius = piece.food.done_celsius
        @brown_step = browns * around.browns * around.share * STEP_S / 60
        @surface = from
        figures(from, coat_m)
        # What the piece gives up to its coat must boil off too before the coat can dry.
        @water = water + (water.positive? ? GIVEN * @mass : 0.0)
        @seconds = @browning = 0.0
        @crisp = @done = @brown = @burnt = nil
        @crisp = now(:crisp) if dry.zero? && water.zero?
      end

      # @return [Result] its points, and the minutes until it was crisp, done, brown and burnt
      def cook
        record
        next_record = RECORD_S
        until @seconds >= @limit_s || seen_enough?
          step
          next unless @seconds >= next_record

          record
          next_record += RECORD_S
        end
        moments = {crisp: @crisp, done: @done, brown: @brown, burnt: @burnt}.transform_values { |s| s && s / 60 }
        Result.new(points: @points.freeze, **moments).freeze
      end

      private

      def seen_enough? =
        @waits_for.empty? || (@enough_s && @done && @seconds >= @enough_s && @seconds >= 2 * @done)

      # For one m2 of surface.
      def figures(from, coat_m)
        cells = Cells.of(@piece, Constants.fetch(:heat, :nodes).to_i, (from + (@piece.food.done_celsius || 80)) / 2)
        @temperature = Array.new(cells.count, from)
        @mass = cells.mass
        @skin = 1 / (cells.half_resistance + coat_m / 2 / cells.conductivity)
        @coated = coat_m.positive?
        @dry_skin = 1 / (1 / @skin + 1 / DRY_CRUST)
        @row = Tridiagonal.new(cells.capacity.map { |capacity| capacity / STEP_S }, cells.conductance)
      end

      def step
        wet? ? wet_step : free_step
        @seconds += STEP_S
        watch
      end

      # Whether the surface stands at its wet temperature and boils off what the piece does not take.
      def wet? =
        @water.positive? && (@surface >= @around.wet_celsius || free_surface(@temperature.last) > @around.wet_celsius)

      def wet_step
        @surface = @around.wet_celsius
        @row.solve(@temperature, @skin, @surface, most: BOIL)
        @water -= STEP_S * [@around.flux(@surface) - @skin * (@surface - @temperature.last), 0.0].max / LATENT
      end

      # The surface is eliminated from the row: it lies between the piece, the heat around and what it holds itself.
      def free_step
        held, film = surface_held, @around.film(@surface)
        all = held + skin + film
        own = (held * @surface + film * @around.celsius) / all
        @row.solve(@temperature, skin * (held + film) / all, own * all / (held + film), most: BOIL)
        @surface = own + skin / all * @temperature.last
      end

      def free_surface(last)
        held, film = surface_held, @around.film(@surface)
        (held * @surface + skin * last + film * @around.celsius) / (held + skin + film)
      end

      def surface_held = [@dry * COAT_HEAT + (@water.positive? ? @water : 0.0) * WATER_HEAT, SKIN_HEAT].max / STEP_S

      # W/(m2 K) from the surface to the first node, through a wet coat or a dry crust.
      def skin = dry? ? @dry_skin : @skin
      def dry? = @coated && @water <= 0

      # Water still to go, the piece's own in it, as a share of the coat's weight.
      def water_share
        left = [@water, 0.0].max
        left / [left + @dry, 1e-9].max
      end

      def watch
        @crisp = now(:crisp) if !@crisp && water_share <= CRISP
        @done = now(:done) if !@done && @done_celsius && @temperature.first >= @done_celsius
        return if @water.positive? || @burnt

        @browning += @brown_step * Browning.rate(hot_face)
        @brown = now(:brown) if !@brown && @browning >= Browning::GOLDEN
        @burnt = now(:burnt) if @browning >= Browning::BURNT
      end

      # A moment has come, and is not waited for any more.
      def now(moment) = (@waits_for -= [moment]) && @seconds

      # A face that lies in the fat only in its turn is hotter then than on the whole.
      def hot_face
        return @surface if @around.share == 1

        (@around.coefficient * @around.celsius + skin * @temperature.last) / (@around.coefficient + skin)
      end

      def record
        @points << Point.new(minutes: @seconds / 60, centre: @temperature.first, surface: @surface,
                             coat_water: water_share, profile: [*@temperature, @surface].freeze).freeze
      end
    end
  end
end
