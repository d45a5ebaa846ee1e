module Restauro
  module Families
    class Sauce
      # What to look for at three moments, each with its band: now in the pan, on the plate, tomorrow from the fridge.
      module LookFors
        # when :pan, :plate, :fridge · celsius C · viscosity Estimate Pa s · grade Grade as thick as it now behaves
        # film_mm on a spoon · text what it does
        Moment = Struct.new(:when, :celsius, :viscosity, :grade, :low_grade, :high_grade, :film_mm, :text, keyword_init: true) do
          def initialize(**)
            super
            freeze
          end
        end

        module_function

        # @param prediction [Prediction]   @return [Array<Moment>]
        def of(prediction)
          {pan: prediction.pan_celsius, plate: prediction.serve_celsius, fridge: Constants.fetch(:sauce, :fridge_celsius)}
            .map { |name, celsius| moment(name, celsius, prediction) }
        end

        def moment(name, celsius, prediction)
          viscosity = prediction.viscosity(celsius)
          Moment.new(when: name, celsius: celsius, viscosity: viscosity, grade: behaves(viscosity.value), low_grade: behaves(viscosity.low),
                     high_grade: behaves(viscosity.high), film_mm: prediction.film_mm(celsius), text: does(viscosity.value))
        end

        # The grade whose thickness on a 60 C plate a sauce of this viscosity has now.
        def behaves(pa_s) = Grade.of(Physics::Viscosity.flour_equivalents(pa_s))
        def word(pa_s) = behaves(pa_s).name
        def does(pa_s) = behaves(pa_s).does
      end
    end
  end
end
