# frozen_string_literal: true

module Restauro
  module Recipes
    # "Flour, for dredging", "breadcrumbs, to coat" beside fish or meat in pieces: as much as a dish of it holds, where
    # no amount is said. How much of it stays on them is worked out from the pieces.
    class ToDredge
      WORDS = DataFiles.words("dishes/words.yml").fetch(:to_dredge)
      BARE = DataFiles.words("dishes/words.yml").fetch(:bare_flour)
      PIECES = %w[poultry quick_meat fish whole_meat].freeze
      # Sliced aubergine, floured before it is fried.
      SLICES = DataFiles.words("dishes/words.yml").fetch(:fried_before)
      CAKES = Regexp.union(DataFiles.words("families/breading/words.yml").fetch(:cakes),
                           *DataFiles.words("dishes/words.yml").values_at(:patties, :bound))
      private_constant :BARE, :CAKES

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def self.of(lines) = with_crumbs(with_flour(lines))

      # @param lines [Array<Line>]   @return [Array<Line>]
      def self.with_crumbs(lines)
        return lines if lines.none? { |line| piece?(line) } && !cakes?(lines)

        lines.map do |line|
          line.role == "crumb" && line.grams.nil? && line.amount_text.nil? ? measured(line, nil) : line
        end
      end

      # @param lines [Array<Line>]   @return [Array<Line>]
      def self.with_flour(lines)
        flours = lines.select { |line| line.role == "flour" }
        flour = flours.find { |line| unmeasured?(line) }
        return lines unless flour && flours.one? && (lines.any? { |line| piece?(line) } || cakes?(lines))
        # Beside a sheet of pastry it is for the board.
        return lines if lines.any? { |line| line.ingredient.to_s.end_with?("_sheet") }

        stewed_g = stewed_g(lines)
        lines.map { |line| line.equal?(flour) ? measured(line, stewed_g) : line }
      end

      # @param lines [Array<Line>]   @return [Float, nil] g of meat that stews in what its flour thickens
      def self.stewed_g(lines)
        return Braised.grams(lines) if Braised.said?(lines)

        rolled = lines.any?(&:inside?)
        weighed = lines.select(&:grams).find { |line| line.kind == "whole_meat" || (rolled && RolledUp.slice?(line)) }
        weighed ? weighed.grams.value : (figure(:rolled_slices_g) if rolled)
      end

      # @param line [Line]
      def self.piece?(line) = PIECES.include?(line.kind) || (!line.words? && line.text.match?(SLICES))

      # Fishcakes and the like: what they are made of is in no pieces yet.   @param lines [Array<Line>]
      def self.cakes?(lines) = lines.first&.role == "title" && lines.first.text.match?(CAKES)

      # @param line [Line]
      def self.unmeasured?(line) =
        line.grams.nil? && line.amount_text.nil? && (line.text.match?(WORDS) || line.text.match?(BARE))

      # A dish of it; of what is stewed, as much as clings to the meat and is stirred in with it.
      # @param line [Line]   @param stewed_g [Float, nil]   @return [Line]
      def self.measured(line, stewed_g)
        grams = stewed_g ? stewed_g * figure(:stewed_flour_share) : figure(:dish_of_flour_g)
        line.with(grams: Estimate.within(grams, figure(:dish_share)),
                  warnings: line.warnings.reject { |warning| warning.code == "no_amount" })
      end

      # @param name [Symbol]   @return [Float] of data/constants/breading.yml
      def self.figure(name) = Constants.fetch(:breading, name)
    end
  end
end
