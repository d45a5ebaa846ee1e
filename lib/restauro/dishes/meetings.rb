# frozen_string_literal: true

module Restauro
  module Dishes
    # Parts that change once it is known beside what they stand: a coat and its piece are one, a crumble beside a crust
    # is strewn over it.
    class Meetings
      COATS = %w[breading batter].freeze
      POURED = DataFiles.words("dishes/words.yml").fetch(:poured)
      STREWN = DataFiles.words("dishes/words.yml").fetch(:strewn)
      PANCAKES, ALONE = DataFiles.words("dishes/words.yml").values_at(:pancakes, :batter_alone)

      # @param recipe [Recipes::Recipe]
      def initialize(recipe)
        @recipe = recipe
        freeze
      end

      # @param parts [Array<Part>]   @return [Array<Part>]
      def of(parts) = coat_and_piece(strewn(parts))

      private

      # Beside a crust that holds the filling, a crumble is strewn over it.
      def strewn(parts)
        return parts unless parts.count { |part| part.family == "crust" } > 1

        parts.map { |part| part.family == "crust" && part.name.to_s.match?(STREWN) ? part.with(place: :top) : part }
      end

      # A coat without its piece, beside a group that is the piece: one part.
      def coat_and_piece(parts)
        coat = parts.index { |part| COATS.include?(part.family) } or return parts
        return parts if parts[coat].lines.any? { |line| piece_in?(line) } || pancakes?(parts[coat])

        piece = parts.index { |part| piece?(part) } or return parts
        joined = parts[coat].with(recipe: parts[coat].recipe.with(lines: parts[coat].recipe.lines + parts[piece].lines))
        parts.each_with_index.filter_map { |part, index| index == piece ? nil : (index == coat ? joined : part) }
      end

      # Weighed, sold by the piece, or counted: "8 slices celeriac".
      def piece_in?(line) =
        line.role == "other" && (line.grams || line.by_the_piece? || (!line.amount_text.nil? && !Heat::Food.row_of(line).nil?))

      # Pancakes are filled, waffles eaten with something when they are done; a batter goes around its piece.
      def pancakes?(part) =
        part.family == "batter" && "#{part.name} #{@recipe.title}".match?(Regexp.union(PANCAKES, ALONE))

      def piece?(part)
        aside = part.name == "Chips" || RiceBalls.part?(part) || part.name.to_s.match?(POURED) || InsideCoat.dip?(part)
        part.family.nil? && part.place == :main && !aside &&
          part.lines.any? { |line| line.role == "other" && line.kind != "herb" }
      end
    end
  end
end
