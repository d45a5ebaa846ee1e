# frozen_string_literal: true

module Restauro
  module Dishes
    # What lines are, for telling one formula from the next.   Needs @catalogue.
    module LineKinds
      CRISP = DataFiles.words("dishes/words.yml").fetch(:crisp_as_it_is)
      # What is strewn over a dish: crumbs, and what is crisp as it is.   @param line [Recipes::Line]
      def self.strewn?(line) = line.role == "crumb" || line.text.match?(CRISP)

      STARCHY = %w[flour starch blend meal].freeze

      private

      def grams(lines) = lines.select { |line| line.grams && yield(line) }.sum(0.0) { |line| line.grams.value }
      def group_of(line) = @catalogue.find_key(line.ingredient)&.group
      def milk?(line) = line.role == "liquid" && @catalogue.fetch(line.ingredient).allergens.include?("milk")
      def fruit?(line) = group_of(line) == "fruit"
      def flour?(line) = line.counted? && STARCHY.include?(group_of(line))
      def wet?(lines) =
        lines.any? { |line| fruit?(line) || (line.role == "liquid" && line.grams && line.grams.value > least_g) }
      def least_g = Constants.fetch(:dishes, :second_liquid_g)
      def water?(lines) =
        wet?(lines) || lines.any? { |line| %w[egg puree].include?(line.role) || group_of(line) == "curd" }
      # What wets a dough of it.
      def root?(line) = line.ingredient && Families::Dough::Contents.mash(line.ingredient)
    end
  end
end
