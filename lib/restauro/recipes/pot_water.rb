# frozen_string_literal: true

module Restauro
  module Recipes
    # Water that a thing is boiled in and lifted out of: no dough, batter or sauce takes it up, so it is words of the
    # method. The line says so, it is a potful that is salted or for a thing by name, or the sauce takes a measure of
    # what it has become.
    module PotWater
      FOR_THE_POT, POTFUL, TAKEN_FROM_IT, A_POT =
        DataFiles.words("recipes/words.yml")
          .values_at(:for_the_pot, :potful_words, :taken_from_the_pot, :a_pot_of_water)
      private_constant :FOR_THE_POT, :POTFUL, :TAKEN_FROM_IT, :A_POT

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        taken = lines.find { |line| line.role == "liquid" && line.text.match?(TAKEN_FROM_IT) }
        lines.map do |line|
          next line unless told?(line) || (potful?(line, taken) && spared?(lines, line))

          line.as_words
        end
      end

      # @param line [Line]   @return [Boolean] whether its own words say so
      def told?(line)
        return true if !line.words? && line.text.match?(A_POT)

        line.ingredient == "water" && line.text.match?(FOR_THE_POT)
      end

      # @param line [Line]   @param taken [Line, nil] what the sauce takes of it
      def potful?(line, taken)
        return false unless line.ingredient == "water" && !line.equal?(taken)

        grams = line.grams&.value.to_f
        grams >= figure(:potful_grams) &&
          (line.text.match?(POTFUL) || (!taken.nil? && grams > taken.grams&.value.to_f))
      end

      # A soup of salted water is made of it: what is left has to do for the flour.
      # @param lines [Array<Line>]   @param water [Line] one of them
      def spared?(lines, water)
        flour, fat, egg, liquid =
          [%w[flour thickener starch], %w[fat], %w[egg], %w[liquid]].map do |roles|
            lines.sum { |line| roles.include?(line.role) && !line.equal?(water) ? line.grams&.value.to_f : 0.0 }
          end
        sauce = flour <= figure(:sauce_flour_grams) && (egg.zero? || fat >= flour / 2)
        !sauce || liquid >= figure(:sauce_liquid_ratio) * flour
      end

      # @param name [Symbol] of data/constants/making.yml   @return [Float]
      def figure(name) = Constants.fetch(:making, name)
    end
  end
end
