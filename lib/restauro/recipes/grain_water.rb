# frozen_string_literal: true

module Restauro
  module Recipes
    # Rice, polenta or grits with the water that they are cooked in, in the list of a sauce that goes over them: neither
    # is in the sauce.
    module GrainWater
      GRAIN, PORRIDGE, COOKS =
        DataFiles.words("recipes/words.yml").values_at(:grain_of_its_own, :porridge, :cooks_in_water)
      KIND = "porridge"
      private_constant :GRAIN, :PORRIDGE, :COOKS, :KIND

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        grain, water = pair(lines)
        return lines unless grain && poured_else?(lines, water) && told?(lines)

        lines.map { |line| in_place_of(line, grain, water) }
      end

      # A grain, and the water beside it in the list, be there salt between.   @return [Array(Line, Line), nil]
      def pair(lines)
        lines.reject { |line| line.role == "seasoning" }.each_cons(2).filter_map do |two|
          grain = two.find { |line| !line.words? && line.text.match?(GRAIN) }
          water = two.find { |line| line.ingredient == "water" && line.grams }
          [grain, water] if grain && water
        end.first
      end

      def poured_else?(lines, water) = lines.any? { |line| line.role == "liquid" && line.grams && !line.equal?(water) }
      def told?(lines) = Sentences.of_steps(lines).any? { |text| text.match?(COOKS) && text.match?(GRAIN) }

      def in_place_of(line, grain, water)
        return line.as_words if line.equal?(water)
        return line unless line.equal?(grain) && line.text.match?(PORRIDGE)

        line.with(role: "other", ingredient: nil, kind: KIND, name_text: "#{line.name_text} in #{water.text}")
      end
      private_class_method :pair, :poured_else?, :told?, :in_place_of
    end
  end
end
