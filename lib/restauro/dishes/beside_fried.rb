# frozen_string_literal: true

module Restauro
  module Dishes
    # What a fried dish is "with", in one list with its coat: peas, a potato salad, a dip, behind the oil it is fried in
    # or the last line of its coat.
    class BesideFried
      include LineKinds

      JOINED, NO_SIDE = DataFiles.words("dishes/words.yml").values_at(:joined_by, :no_side)
      TABLE = %w[table herb late].freeze
      SIDE = /.*\b#{JOINED}\s+(.+)\z/i
      private_constant :JOINED, :NO_SIDE, :TABLE, :SIDE

      # @param catalogue [Catalogue]   @param title [String] of the dish
      def initialize(catalogue, title)
        @catalogue = catalogue
        @side = title[SIDE, 1]
        freeze
      end

      # @return [String, nil] what it is called
      def name = @side&.sub(/\A(?:an?|the|some)\s+/i, "")&.sub(/\A./, &:upcase)

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] what is fried, and what lies beside it
      def split(lines)
        return if @side.nil? || @side.match?(NO_SIDE) || lines.any? { |line| held_in?(line) }

        cut = behind(lines) or return
        fried, rest = lines.first(cut), lines.drop(cut)
        beside = rest.reject { |line| served?(line) }
        [fried + (rest - beside), beside] if coated?(fried) && beside.any? { |line| weighs?(line) } && apart?(beside)
      end

      private

      # In tortillas or a bun all of it lies together.
      def held_in?(line) = line.text.match?(Bound::HELD) || line.bread?

      # Behind the oil; else behind the coat and its fat, where the title's own word stands there.
      def behind(lines)
        oil = lines.index(&:to_fry_in?)
        return oil + 1 if oil

        coat = lines.rindex { |line| %w[crumb egg].include?(line.role) } or return
        cut = coat + 1 + lines.drop(coat + 1).take_while { |line| %w[fat cheese].include?(line.role) }.length
        cut if lines[cut] && named?(lines[cut])
      end

      # "3 apples" of "with apple sauce".
      def named?(line) =
        @side.downcase.scan(/\p{L}{4,}/).any? { |word| line.text.downcase.include?(word.sub(/(?:es|s|n)\z/, "")) }

      def coated?(lines) =
        lines.any? { |line| flour?(line) || line.role == "crumb" } && lines.any? { |line| food?(line) } &&
          lines.any? { |line| %w[egg crumb liquid].include?(line.role) }

      def food?(line) = (line.role == "other" && !TABLE.include?(line.kind)) || line.role == "cheese"
      def served?(line) = line.kind == "table" || Recipes::Served.words?(line, heading: line.part)
      def weighs?(line) = !line.grams.nil? && line.role != "fat" && !TABLE.include?(line.kind)

      # No flour, egg or crumbs: those are a coat's, or another formula's.
      def apart?(lines) = lines.none? { |line| flour?(line) || %w[egg crumb lift].include?(line.role) }
    end
  end
end
