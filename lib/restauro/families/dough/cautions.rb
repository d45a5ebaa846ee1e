module Restauro
  module Families
    class Dough
      # What to be told of this dough.
      module Cautions
        module_function

        # @param dough [Prediction]   @return [Array<Warning>]
        def of(dough) =
          [unknown(dough), size(dough), brittle(dough), *(dough.boiling ? boiled(dough) : []), *filling(dough)].compact

        # @return [Warning, nil] of a dough whose wetness cannot be told
        def unknown(dough)
          return if dough.ratio

          warning(
            :ratio_unknown,
            "hardly anything here holds water, so how wet the dough is cannot be told: is the flour's line read?"
          )
        end

        # @return [Warning, nil] so little or so much that nothing was tried on it
        def size(dough)
          small, large = %i[small_g large_g].map { |name| Constants.fetch(:dough, name) }
          return if dough.grams.between?(small, large)

          warning(
            :not_tested,
            "under #{small.round} g or over #{(large / 1000).round} kg of dough is not tested: times and rests may be off"
          )
        end

        # @return [Warning, nil] of a sheet thinner than it stretches
        def brittle(dough)
          return if dough.stretch >= dough.stretch_needed * Solver::ENOUGH

          bears = dough.thinnest_mm
          does =
            if dough.options.shape == "rolled" && bears
              "roll it no thinner than #{bears.round(1)} mm"
            else
              "bind it with psyllium, a gum, egg or a starchy root"
            end
          warning(
            :stretch_short,
            "this stretches #{dough.stretch.round(2)}; a #{dough.options.shape} shape needs " \
              "#{dough.stretch_needed.round(2)}: #{does}"
          )
        end

        # @return [Array<Warning, nil>] of the pot
        def boiled(dough) = [out_of_law(dough.boiling), floury(dough), low_boil(dough)]

        # @return [Warning, nil] of a root dough that is nearly half raw flour
        def floury(dough)
          return unless dough.floury? && !dough.boiling.by_law?

          warning(:floury, "nearly half of this is raw flour, which takes longer than a hot middle: cut one open")
        end

        # @return [Warning, nil] of a piece thinner or thicker than the law was fitted to
        def out_of_law(boiling)
          return unless boiling.by_law? && !boiling.in_law?

          least, most = Heat::ThicknessLaw.range.minmax
          if boiling.path_mm < least
            return warning(:thin, "thinner than boiling times are known for: taste from a minute on")
          end

          warning(
            :thick,
            "raw dough over #{most.round} mm through is not tested: at least these minutes, then cut one open"
          )
        end

        # @return [Warning, nil] of a pot that never gets hot enough
        def low_boil(dough)
          here = "water boils at #{dough.options.boiling_celsius.round} °C here"
          return warning(:never_done, "#{here}: the middle does not get hot enough") if dough.boiling.minutes_done.nil?
          return if dough.options.altitude_m < Constants.fetch(:boil, :high_altitude)

          warning(:high_altitude, "#{here}: give it longer and cut one open")
        end

        # @return [Array<Warning>] of filling that is left over
        def filling(dough)
          return [] unless dough.filled? && dough.filling_g.positive? && dough.plan

          over = dough.filling_g - dough.filling_each_g * dough.plan.pieces
          return [] unless over > Constants.fetch(:shaping, :filling_over_share) * dough.filling_g

          [warning(:filling_over, "#{over.round} g of the filling is left over with this ring")]
        end

        # @return [Warning]
        def warning(code, text) = Warning.new(code: code, text: text)
      end
    end
  end
end
