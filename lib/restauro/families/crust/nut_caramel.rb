# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Nuts in sugar melted to amber and let down with cream, with no egg or starch to set it: a tart of walnuts.
      class NutCaramel
        NUTS = DataFiles.words("families/crust/words.yml").fetch(:whole_nuts)
        OTHERS = %w[egg starch thickener flour cheese crumb].freeze
        private_constant :NUTS, :OTHERS

        # @param lines [Array<Recipes::Line>] of the filling
        def initialize(lines, catalogue)
          @lines = lines
          @catalogue = catalogue
          freeze
        end

        def is?
          return false if cream.empty? || nuts.empty? || @lines.any? { |line| OTHERS.include?(line.role) }

          grams(sugar) >= Constants.fetch(:crust, :nut_caramel_sugar) * grams(cream)
        end

        # @return [Step]
        def step
          Step.new(kind: "simmer", uses: @lines, minutes: Constants.fetch(:making, :caramel_minutes),
                   safety: ["hot_sugar"],
                   text: "Filling: melt #{list(sugar)} dry in a wide, deep pan, a third at a time, to amber; off the " \
                         "heat pour in #{list(wet)}, warm, and boil it smooth; stir in #{list(rest)}. Let it cool in " \
                         "the pan.",
                   look_for: "the colour of amber, no grain of sugar; a spoon leaves a track as it cools")
        end

        private

        def sugar = @lines.select { |line| group(line) == "sugar" && line.grams && !syrup?(line) }
        # Honey burns before sugar melts.
        def syrup?(line) = line.ingredient == "honey" || line.text.match?(/\bsyrup\b/i)
        def cream = @lines.select { |line| line.ingredient.to_s.end_with?("cream") }
        def wet = @lines.select { |line| line.role == "liquid" || syrup?(line) }
        def nuts = @lines.select { |line| line.text.match?(NUTS) && line.role != "liquid" }
        def rest = @lines - sugar - wet
        def grams(lines) = lines.sum { |line| line.grams&.value.to_f }
        def group(line) = @catalogue.find_key(line.ingredient)&.group
        def list(lines) = Companions.named(lines, @catalogue)
      end
    end
  end
end
