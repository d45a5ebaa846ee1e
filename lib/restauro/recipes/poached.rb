# frozen_string_literal: true

module Restauro
  module Recipes
    # Meat that goes tender in its stock before there is a sauce, and stays white: a step says so, or the dish's name.
    module Poached
      STEP, TITLE, BROWNED, JOINT =
        DataFiles.words("dishes/words.yml").values_at(:poached, :poached_by_name, :meat_browned, :cured_joint)
      private_constant :STEP, :TITLE, :BROWNED, :JOINT
      KIND = "poached_meat"

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless said?(lines)

        lines.map { |line| meat?(line) ? line.with(kind: KIND) : line }
      end

      # What is stewed, and a joint that was cured.   @param line [Line]
      def meat?(line) = line.kind == "whole_meat" || (line.kind == "cured" && line.text.match?(JOINT))

      # @param text [String] a step   @return [Boolean] whether it does so
      def step?(text) = text.match?(STEP)

      # @param lines [Array<Line>]
      def said?(lines)
        title, *rest = lines.select(&:words?).map(&:text)
        return false if rest.any? { |text| text.match?(BROWNED) }

        title.to_s.match?(TITLE) || rest.any? { |text| step?(text) }
      end
    end
  end
end
