# frozen_string_literal: true

module Restauro
  module Dishes
    # "1/4 cup flour, for thickening" at the end of a list of dumplings is none of theirs: it goes into the pot.
    module ThickensThePot
      WORDS = DataFiles.words("dishes/words.yml").fetch(:for_thickening)
      private_constant :WORDS

      module_function

      # @param groups [Array<Grouping::Group>]   @return [Array<Grouping::Group>]
      def moved(groups)
        pot = groups.index { |group| pot?(group.lines) }
        away = groups.flat_map { |group| for_the_pot(group.lines) }
        return groups if pot.nil? || away.empty?

        groups.each_with_index.map do |group, index|
          Grouping::Group.new(group.label, index == pot ? group.lines + away : group.lines - away)
        end
      end

      # Flour that says so, and one that is stirred into its own water: "1/4 cup flour mixed with 1/2 cup water to
      # thicken".
      def for_the_pot(lines)
        lines.chunk_while { |a, b| a.source && a.source == b.source }.flat_map do |one|
          next one if one.length == 2 && one.any? { |line| flour?(line) } && one.first.source.match?(WORDS)

          one.select { |line| flour?(line) && line.text.match?(WORDS) }
        end
      end

      def pot?(lines) = lines.any? { |line| line.role == "liquid" } && lines.none? { |line| flour?(line) }
      def flour?(line) = %w[flour starch thickener].include?(line.role)
      private_class_method :pot?, :flour?, :for_the_pot
    end
  end
end
