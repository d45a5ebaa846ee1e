# frozen_string_literal: true

module Restauro
  module Dishes
    # Eggs that are broken whole into a sauce, and set in it: on the stove under a lid, or as it is baked.
    module CrackedEggs
      NAME = "Eggs"

      module_function

      # @param line [Recipes::Line]
      def line?(line) = line.kind == Recipes::CrackedIn::KIND

      # @param lines [Array<Recipes::Line>]   @return [Array(Array, Array), nil] what they go into, and they
      def split(lines)
        eggs, rest = lines.partition { |line| line?(line) }
        [rest, eggs] if eggs.any? && rest.any?
      end

      # Counted, not weighed.   @param lines [Array<Recipes::Line>]   @return [String] "4 eggs"
      def say(lines) = Families::Companions.list(lines.map { |line| line.text.strip })

      # @param lines [Array<Recipes::Line>]   @return [Boolean] whether they stand alone
      def alone?(lines) = lines.any? && lines.all? { |line| line?(line) }
    end
  end
end
