module Restauro
  module Families
    class Crust
      # What is said of a filling that could not be made as it was.
      module FillingWarnings
        module_function

        # @return [Warning] where no starch is left for the fruit
        def juicy
          Warning.new(code: :filling_runs,
                      text: "no starch is left for the fruit: its juice stays thin. Draw it out with the sugar " \
                            "first, boil it down to a syrup and pour that back")
        end

        # @return [Warning] where eggs that may not be eaten would have set it
        def set_with_starch
          Warning.new(code: :set_with_starch,
                      text: "without its eggs this filling is set with starch: boil it, fill it hot, cut it cold")
        end

        # @param error [InvalidInput] why the sauce family could not   @return [Warning]
        def by_weight_alone(error)
          Warning.new(code: :filling_not_swapped,
                      text: "the filling, its flour swapped by weight alone: #{error.message}")
        end
      end
    end
  end
end
