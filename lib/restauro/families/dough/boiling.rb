module Restauro
  module Families
    class Dough
      # How the pieces of a dough boil: when they float, when they are done, how many at a time.
      class Boiling
        BODIES = {
          "rolled" => :slab,
          "sheets" => :slab,
          "spooned" => :short_cylinder,
          "pushed" => :cylinder,
          "filled" => :slab,
          "extruded" => :cylinder,
          "thumbed" => :slab,
          "strings" => :cylinder,
          "dumpling" => :short_cylinder,
          "round" => :short_cylinder
        }.freeze

        attr_reader :body, :pot

        # @param dough [Prediction] with a plan
        def initialize(dough)
          @dough = dough
          @options = dough.options
          @plan = dough.plan
          @body =
            Heat::Boiled.new(
              shape: BODIES.fetch(@options.shape),
              thickness_m: thickness_mm / 1000,
              food: dough.food,
              around: boiling_celsius
            )
          @pot =
            Heat::Pot.new(
              litres: (@options.litres || Heat::Pot.litres_for(boiled_g)).to_f,
              boiling: boiling_celsius,
              watts: @options.watts
            )
          freeze
        end

        # @return [Float] C at this height
        def boiling_celsius = @options.boiling_celsius

        # Across a whole piece, its filling in it.   @return [Float] mm
        def thickness_mm
          return Math.cbrt(@plan.thickness_mm**3 + inside_mm**3) if around?
          return @plan.path_mm unless @dough.filled?

          @plan.path_mm +
            Shaping::Filling.height_mm(@dough.filling_each_g, @options.cutter_mm, rounds_each: @plan.rounds_each)
        end

        # How thick the raw dough is where it is thickest.   @return [Float] mm
        def path_mm = @plan.path_mm
        # Whether water reaching the middle cooks it, as in all raw flour, or heat alone, as in gnocchi of cooked roots
        # and curd.
        def by_law? =
          !%w[dumpling round spooned pushed].include?(@options.shape) ||
            (@options.shape == "dumpling" && @options.family == "pasta" && @dough.floury?)
        def in_law? = Heat::ThicknessLaw.covers?(path_mm)

        # Until the dough is cooked.   @return [Float, nil] min; nil where the water is not hot enough
        def boil_minutes
          return law_minutes if by_law? && path_mm <= law_most

          heated = body.minutes_to(constant(:done_celsius), position: inside) or return
          by_law? ? [law_minutes, heated].max : heated
        end

        # Until dough and filling are done; raw meat no shorter than it is usually boiled, however small the pieces.
        # @return [Float, nil] min
        def minutes_done
          stuffed = @dough.filled? ? body.minutes_to(Safety.celsius(:stuffed)) : 0.0
          raw = @options.raw_filling ? constant(:raw_filled_minutes) : 0.0
          [boil_minutes, stuffed, raw].max if boil_minutes && stuffed
        end

        # From the freezer.   @return [Float, nil] min
        def minutes_frozen
          return minutes_done&.+(body.thaw_minutes) if by_law?

          body.minutes_from_frozen(constant(:done_celsius))
        end

        # @return [Float, nil] min in the pot, from the freezer where it comes from there
        def minutes = @options.frozen ? minutes_frozen : minutes_done

        # When trapped air lifts a piece: a range, whatever it is like inside.   @return [Estimate] min
        def float
          Estimate.new(
            value: constant(:float_minutes),
            low: constant(:float_low_minutes),
            high: constant(:float_high_minutes)
          )
        end

        # Whether a piece floats before it is done, as all but the thinnest do.
        def floats_first? = minutes.nil? || minutes > constant(:float_minutes)
        # @return [Float] C of the middle when it floats
        def centre_at_float = body.centre(constant(:float_minutes))

        # What the pot is given: dough and filling.   @return [Float] g
        def boiled_g = @dough.grams - @plan.left_g + (@dough.filling_each_g || 0.0) * @plan.pieces
        # @return [Float] g of one piece
        def piece_g = boiled_g / @plan.pieces
        # @return [Integer] pieces that let the pot fall no further than it should
        def at_once = [(pot.batch_g(@dough.food, **state) / piece_g).floor, 1].max.clamp(1, @plan.pieces)
        # @return [Integer]
        def batches = (@plan.pieces / at_once.to_f).ceil
        # @return [Float] C that the pot falls to with a batch in it
        def lowest_celsius = pot.temperature_with(at_once * piece_g, @dough.food, **state)
        # @return [Float] min until it boils again
        def recovery_minutes = pot.recovery_minutes(at_once * piece_g, @dough.food, **state)

        private

        # Fruit in a ball of dough: the dough is done where it meets it.
        def inside = around? ? inside_mm / thickness_mm : 0.0
        def inside_mm = Shaping::Filling.ball_mm(@dough.filling_each_g)
        def around? = @options.shape == "round" && @dough.filling_each_g&.positive?
        def state = {frozen: @options.frozen}
        def constant(name) = Constants.fetch(:boil, name)
        def law_most = constant(:law_most_mm)
        # Thinner or thicker than the law was fitted for it stands still at its ends.
        def law_minutes = Heat::ThicknessLaw.minutes(path_mm.clamp(constant(:law_least_mm), law_most))
      end
    end
  end
end
