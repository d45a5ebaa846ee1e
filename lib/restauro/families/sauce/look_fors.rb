module Restauro
  module Families
    class Sauce
      # What to look for at three moments, each with its band: now in the pan, on the plate, tomorrow from the fridge.
      module LookFors
        # when :pan, :plate, :fridge · celsius C · viscosity Estimate Pa s · grade Grade as thick as it now behaves
        # film_mm on a spoon · text what it does · plate_mm radius of the plate test, where it is at the test's heat
        Moment = Value.of(:when, :celsius, :viscosity, :grade, :low_grade, :high_grade, :film_mm, :text, :plate_mm)

        module_function

        # @param prediction [Prediction]   @return [Array<Moment>]
        def of(prediction)
          {
            pan: prediction.pan_celsius,
            plate: prediction.serve_celsius,
            fridge: Constants.fetch(:sauce, :fridge_celsius)
          }.map { |name, celsius| moment(name, celsius, prediction) }
        end

        # @return [Moment] what a sauce does at that heat
        def moment(name, celsius, prediction)
          viscosity = prediction.viscosity(celsius)
          Moment.new(
            when: name,
            celsius: celsius,
            viscosity: viscosity,
            grade: behaves(viscosity.value),
            low_grade: behaves(viscosity.low),
            high_grade: behaves(viscosity.high),
            film_mm: prediction.film_mm(celsius),
            text: does(viscosity.value),
            plate_mm: (prediction.plate_millimetres.value if name == :plate)
          )
        end

        # The sauce at a moment of its course, in the pan: what the spoon shows then.
        # @param prediction [Prediction]   @param seconds [Float] s   @return [Moment, nil] nil before there is liquid
        def at(prediction, seconds)
          point =
            (prediction.course + prediction.cooling)
              .select(&:viscosity_pa_s)
              .min_by { |p| (p.seconds - seconds).abs } or return
          ends =
            prediction.flour_equivalents.then { |e| e.value.zero? ? [1.0, 1.0] : [e.low / e.value, e.high / e.value] }
          low, high = ends.map do |share|
            prediction.viscosity_of(point.flour_equivalents * share, point.celsius, liquid_g: point.liquid_grams)
          end
          viscosity = Estimate.new(value: point.viscosity_pa_s, low: low, high: high)
          Moment.new(
            when: :now,
            celsius: point.celsius,
            viscosity: viscosity,
            grade: behaves(viscosity.value),
            low_grade: behaves(low),
            high_grade: behaves(high),
            film_mm: prediction.film_of(viscosity.value, point.flour_equivalents),
            text: does(viscosity.value),
            plate_mm: nil
          )
        end

        # The grade whose thickness on a 60 C plate a sauce of this viscosity has now.
        def behaves(pa_s) = Grade.of(Physics::Viscosity.flour_equivalents(pa_s))
        # @param pa_s [Float] Pa s at 50 1/s   @return [String]
        def word(pa_s) = behaves(pa_s).name
        # @param pa_s [Float] Pa s at 50 1/s   @return [String] what to see
        def does(pa_s) = behaves(pa_s).does
      end
    end
  end
end
