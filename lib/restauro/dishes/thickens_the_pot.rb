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
        away = groups.flat_map(&:lines).select { |line| flour?(line) && line.text.match?(WORDS) }
        return groups if pot.nil? || away.empty?

        groups.each_with_index.map do |group, index|
          Grouping::Group.new(group.label, index == pot ? group.lines + away : group.lines - away)
        end
      end

      def pot?(lines) = lines.any? { |line| line.role == "liquid" } && lines.none? { |line| flour?(line) }
      def flour?(line) = %w[flour starch thickener].include?(line.role)
      private_class_method :pot?, :flour?
    end
  end
end
