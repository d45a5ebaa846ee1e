# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # What a batter goes around: pieces, sandwiches, vegetables with cheese in them.
      #   Needs @all, @ours, @companions, table, folded, group and coating?.
      module Dipped
        PIECES = DataFiles.words("heat/words.yml").fetch(:cut_up)
        SANDWICH, STUFFED, DIPPED_WHOLE, BUNS =
          DataFiles.words("families/batter/words.yml").values_at(:sandwich, :stuffed, :dipped_whole, :buns)
        RAW = %w[fish poultry quick_meat whole_meat].freeze
        private_constant :PIECES, :SANDWICH, :STUFFED, :DIPPED_WHOLE, :BUNS, :RAW

        # Slices of bread with something between them; raw fish or meat is fried by itself, and laid in its bread then.
        # @param recipe [Recipes::Recipe]
        def self.sandwich?(recipe)
          bread = recipe.ingredients.select(&:bread?)
          return false if bread.empty? || !recipe.title.to_s.match?(SANDWICH)

          raw = recipe.ingredients.any? { |line| RAW.include?(line.kind) }
          recipe.title.match?(DIPPED_WHOLE) || (!raw && bread.none? { |line| line.text.match?(BUNS) })
        end

        # @return [Array<Recipes::Line>] what is dipped; none where all of it goes in
        def coated
          if sandwich?
            (bread | (@companions.lines - table - folded)) + cheese
          elsif coating?
            pieces = @all.select { |line| group(line) == "fruit" || dipped?(line) }
            @companions.lines - table - folded + pieces + stuffing
          else
            []
          end
        end

        # Filled before it is dipped.
        def sandwich? = coating? && Dipped.sandwich?(@ours.recipe)
        # @return [Array<Recipes::Line>] cheese that goes in what is dipped
        def stuffing = hollow? ? cheese : []

        private

        # Something for the cheese to be in.
        def hollow? = coating? && title.match?(STUFFED) && (@companions.lines - table - folded).any?
        # Tofu, cheese in pieces that is in nothing else.
        def dipped?(line) =
          line.ingredient == "pressed_tofu" || (line.role == "cheese" && line.text.match?(PIECES) && !hollow?)
        def cheese = @all.select { |line| line.role == "cheese" }
        def bread = @companions.lines.select { |line| line.ingredient == "gf_bread" }
        def title = @ours.recipe.title.to_s
      end
    end
  end
end
