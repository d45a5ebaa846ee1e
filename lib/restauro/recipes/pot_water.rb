# frozen_string_literal: true

module Restauro
  module Recipes
    # Water that a thing is boiled in and lifted out of: no dough, batter or sauce takes it up, so it is words of the
    # method. The line says so, it is a potful of salted water, or the sauce takes a measure of what it has become.
    module PotWater
      FOR_THE_POT, SALTED, TAKEN_FROM_IT, A_POT =
        DataFiles.words("recipes/words.yml")
          .values_at(:for_the_pot, :salted_water, :taken_from_the_pot, :a_pot_of_water)
      private_constant :FOR_THE_POT, :SALTED, :TAKEN_FROM_IT, :A_POT

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        taken = lines.find { |line| line.role == "liquid" && line.text.match?(TAKEN_FROM_IT) }
        lines.map do |line|
          next line unless of_a_pot?(line, taken)

          line.with(ingredient: nil, grams: nil, kind: nil, understood: true, role: "step")
        end
      end

      # @param line [Line]   @param taken [Line, nil] what the sauce takes of it   @return [Boolean]
      def of_a_pot?(line, taken)
        return true if !line.words? && line.text.match?(A_POT)
        return false unless line.ingredient == "water" && !line.equal?(taken)
        return true if line.text.match?(FOR_THE_POT)
        return false unless potful?(line)

        line.text.match?(SALTED) || (!taken.nil? && line.grams.value > taken.grams&.value.to_f)
      end

      def potful?(line) = line.grams&.value.to_f >= Constants.fetch(:making, :potful_grams)
    end
  end
end
