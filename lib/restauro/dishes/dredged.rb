# frozen_string_literal: true

module Restauro
  module Dishes
    # Escalopes turned in flour and fried, and what is poured into their pan: the flour coats, it thickens no sauce.
    class Dredged
      include LineKinds

      TO_DREDGE, TITLE, GRAVY =
        DataFiles.words("dishes/words.yml").values_at(:to_dredge, :dredged_title, :thick_in_its_pan)
      # What the piece with its flour is called.
      NAME = "Coating"
      # And what is poured into its pan.
      SAUCE = "Pan sauce"
      PIECES = %w[poultry quick_meat fish].freeze

      # Whether a part is such a sauce.   @param name [String, nil] of the part
      def self.pan_sauce?(name) = name.to_s.start_with?(SAUCE)

      # @param catalogue [Catalogue]   @param title [String] of the dish
      def initialize(catalogue, title)
        @catalogue = catalogue
        @title = title
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] what is coated with its flour, and the sauce
      def split(lines)
        flour = lines.select { |line| flour?(line) }
        return if @title.match?(GRAVY)
        return unless flour.one? && dredges?(flour.first) && lines.any? { |line| piece?(line) }

        coat = lines.select { |line| coats?(line) || line.equal?(frying_fat(lines)) }
        sauce = lines - coat
        [coat, sauce] if sauce.any? { |line| line.role == "liquid" } && lines.none? { |line| another?(line) }
      end

      private

      def dredges?(flour) = flour.own_text.match?(TO_DREDGE) || @title.match?(TITLE)
      # Crumbs, what lifts a batter, or a sheet of pastry: flour is for another thing then.
      def another?(line) = %w[crumb lift].include?(line.role) || group_of(line) == "pastry"
      def piece?(line) = PIECES.include?(line.kind)
      def coats?(line) = piece?(line) || flour?(line) || line.role == "egg"

      # Oil, where there is butter too for the sauce; else the first.
      def frying_fat(lines)
        fats = lines.select { |line| line.role == "fat" }
        fats.find { |line| line.ingredient.end_with?("oil") } || fats.first
      end
    end
  end
end
