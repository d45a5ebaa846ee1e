module Restauro
  module Families
    class Sauce
      # The line of the cold water that a recipe gives its slurry.
      module SlurryLine
        module_function

        # One that says so; beside another liquid a little water, or that which the thickener's own line has.
        # @param parts [Array<Formula::Part>]   @return [Recipes::Line, nil]
        def of(parts)
          liquids = parts.select { |part| part.line.role == "liquid" }
          named = liquids.find { |part| part.line.text.match?(/\bslurry\b/i) }
          named ||= liquids.find { |part| water?(part, parts) } if liquids.length > 1
          named&.line
        end

        def water?(part, parts)
          part.ingredient.key == "water" && (part.grams.value.between?(0.1, most(parts)) || stirred_in?(part, parts))
        end

        # @return [Float] g
        def most(parts)
          parts.sum { |part| part.line.role == "thickener" ? part.grams.value : 0.0 } *
            Constants.fetch(:sauce, :slurry_water_most)
        end

        # "1 tsp cornflour mixed with 1 tbsp water": the two things of one line.
        def stirred_in?(part, parts)
          beside = parts.select { |other| other.line.source == part.line.source } - [part]
          beside.one? && beside.first.line.role == "thickener"
        end
        private_class_method :water?, :most, :stirred_in?
      end
    end
  end
end
