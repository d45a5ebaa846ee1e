module Restauro
  module Families
    class Sauce
      # The numbers of the sauce's instrument: thickness and temperature against time, wheat's and ours, over the grade
      # bands.
      class Picture
        # @param swap [Swap]
        def initialize(swap)
          @swap = swap
          freeze
        end

        # @return [Hash] plain: wheat and ours {course, cooling, off_seconds, boil_seconds}, each point with seconds,
        #   celsius, viscosity_pa_s and its low and high; bands of the grades in Pa s; the target and the stops it can
        #   be pulled to
        def to_h
          {
            wheat: side(@swap.wheat),
            ours: side(@swap.ours),
            bands: bands,
            serve_celsius: @swap.ours.serve_celsius,
            target: stop(@swap.target),
            stops: stops
          }
        end

        private

        def side(prediction)
          {
            course: points(prediction, prediction.course),
            cooling: points(prediction, prediction.cooling),
            off_seconds: prediction.end_seconds,
            boil_seconds: prediction.boil_seconds
          }
        end

        def points(prediction, points)
          e = prediction.flour_equivalents
          ends = e.value.zero? ? [1.0, 1.0] : [e.low / e.value, e.high / e.value]
          points.map do |point|
            low, high = ends.map { |share| thickness(prediction, point, share) }
            {
              seconds: point.seconds.round(2),
              celsius: point.celsius.round(2),
              viscosity_pa_s: point.viscosity_pa_s,
              low_pa_s: low,
              high_pa_s: high
            }
          end
        end

        # With so much more or less body, in the liquid that is left by then.   @return [Float, nil] Pa s
        def thickness(prediction, point, share)
          e = point.flour_equivalents or return
          prediction.viscosity_of(e * share, point.celsius, liquid_g: point.liquid_grams)
        end

        # Grades as they look on a 60 C plate.
        def bands
          edges = [nil, *Grade::ALL.map(&:upper)].map { |e| e && Physics::Viscosity.pa_s(e, celsius: plate, base: 0.0) }
          Grade::ALL.each_with_index.map do |grade, i|
            {grade: grade.key, does: grade.does, low_pa_s: edges[i], high_pa_s: edges[i + 1]}
          end
        end

        def plate = Constants.fetch(:sauce, :viscosity_celsius)

        # Where the target line can stand: every tenth of a spoon of flour a cup.
        def stops = (5..45).map { |tenths| stop(tenths / 10.0 * Constants.fetch(:sauce, :e_per_spoon)) }

        def stop(e)
          {
            spoons: Grade.spoons(e).round(2),
            flour_equivalents: e.round(3),
            grade: Grade.of(e).key,
            pa_s: @swap.ours.viscosity_of(e, @swap.ours.serve_celsius)
          }
        end
      end
    end
  end
end
