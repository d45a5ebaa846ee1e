# frozen_string_literal: true

module Restauro
  module Dishes
    # A list that begins with what goes inside and ends with its dough: "200 g bacon, 3 eggs, 300 ml cream, 250 g flour,
    # 125 g butter, 4 tbsp water". It is read as if its dough stood first.
    #   Needs @title, @fruit and what LineKinds gives.
    module DoughLast
      CRUST, FILLED = Families::Detection::WORDS.fetch("crust"), Families::Dough::Prediction::FILLED
      BESIDE = %w[fat egg liquid lift binder seasoning].freeze
      private_constant :CRUST, :FILLED, :BESIDE

      private

      # @param group [Grouping::Group]   @return [Array<Grouping::Group>, nil]
      def dough_last(group)
        from = dough_from(group.lines)
        return unless from&.positive? && @title.match?(Regexp.union(CRUST, FILLED))

        inside, dough = group.lines[0...from], group.lines[from..]
        return if group.label || @fruit.split(group) || !holds?(dough) || !inside?(inside, dough)

        split(Grouping::Group.new(nil, dough + inside))
      end

      # Where the dough begins: its flour, and the fat, salt or powder right before it.   @return [Integer, nil]
      def dough_from(lines)
        at = lines.index { |line| flour?(line) && line.grams && line.grams.value >= least_dough_g } or return
        return if lines.first(at).any? { |line| flour?(line) } || !lines.drop(at + 1).all? { |line| of_dough?(line) }

        wet = lines.drop(at + 1).any? { |line| %w[liquid egg].include?(line.role) }
        at -= 1 while at.positive? && before?(lines, at - 1, wet)
        at
      end

      # What is rubbed into it; milk or an egg ahead of it only where nothing behind wets it.
      def before?(lines, at, wet)
        line = lines[at]
        return lines.drop(at + 1).none? { |one| one.role == "fat" } if line.role == "fat"

        %w[lift].include?(line.role) || (!wet && line.ingredient == "water")
      end

      def of_dough?(line) = BESIDE.include?(line.role) || group_of(line) == "sugar"
      # Something that is no dough, or more cream and eggs than it can hold.
      def inside?(lines, dough) = lines.any? { |line| !of_dough?(line) } || wet_g(lines) > most_wet_g(dough)
      def holds?(dough) = wet_g(dough).positive? && wet_g(dough) <= most_wet_g(dough)
      def wet_g(lines) = grams(lines) { |line| %w[liquid egg].include?(line.role) }
      def most_wet_g(dough) = Constants.fetch(:dishes, :dough_wet_share) * grams(dough) { |line| flour?(line) }

      def least_dough_g = Constants.fetch(:dishes, :least_dough_g)
    end
  end
end
