# frozen_string_literal: true

module Restauro
  module Dishes
    # Where the second formula of a list begins: with the things before its flour that stand a second time, or that its
    # pot begins with, fat, onions, stock.   Needs flour?, wheat? and liquid?.
    module BeginsAgain
      MEATS = %w[whole_meat quick_meat poultry ground_meat sausage cured].freeze
      # Kinds that no dough holds: a pot begins with them.
      COOKED = %w[soften simmer].freeze
      # No batter is thinned with them.
      POT = %w[stock dry_wine heavy_cream light_cream].freeze
      MELTED = DataFiles.words("dishes/words.yml").fetch(:melted_fat)
      private_constant :COOKED, :POT, :MELTED

      private

      # @param lines [Array<Recipes::Line>]   @param first [Integer] of the first flour   @param second [Integer]
      # @return [Integer]
      def start(lines, first, second)
        index = second
        index -= 1 while index - 1 > first && begins?(lines, index - 1, first)
        index
      end

      # After crumbs a coat is whole: what follows belongs to the next.
      def begins?(lines, index, first)
        line, ahead, behind = lines[index], lines[0...index], lines[(index + 1)..]
        return false if line.role == "crumb"
        return fat_begins?(line, ahead, behind) if line.role == "fat"
        return true if ahead.any? { |other| other.role == "crumb" }

        # Spice that is fried with what stands before it.
        return index - 1 > first && begins?(lines, index - 1, first) if line.role == "seasoning"

        pot_begins?(line, ahead, ahead[first..].to_a)
      end

      # Meat behind what was poured, onions behind that or a fat, stock behind a batter that has its egg or its milk.
      def pot_begins?(line, ahead, since)
        poured = since.any? { |other| liquid?(other) }
        return true if (MEATS.include?(line.kind) && poured) || (pot?(line) && batter?(ahead))

        COOKED.include?(line.kind) && (poured || since.any? { |other| other.role == "fat" })
      end

      def pot?(line) = POT.include?(line.ingredient) && liquid?(line)
      def batter?(ahead) =
        ahead.any? { |line| flour?(line) } && ahead.any? { |line| line.role == "egg" || (liquid?(line) && !pot?(line)) }

      # A fat that stands a second time, or about as much as the flour behind it; fat to fry in is of what is fried.
      def fat_begins?(fat, ahead, behind)
        return false if first_of_two?(fat, ahead, behind)
        return true if ahead.any? { |other| other.role == "crumb" }
        return false if fat.to_fry_in?

        roux?(fat, behind.find { |other| flour?(other) }) || ahead.any? { |other| other.role == "fat" }
      end

      # With another fat for the next flour: "20 g butter, melted" ends the batter before, oil fries what is dredged.
      def first_of_two?(fat, ahead, behind)
        return false if behind.take_while { |other| !wheat?(other) }.none? { |other| other.role == "fat" }

        fat.text.match?(MELTED) || (ahead.none? { |other| other.role == "fat" } && ahead.any? { |one| dredges?(one) })
      end

      def dredges?(line) = line.role == "flour" && line.own_text.match?(Recipes::ToDredge::WORDS)

      # Fat before as much flour, or about; what is cooked in it may stand between the two.
      def roux?(fat, flour)
        return true unless fat.grams

        least, most = %i[roux_least roux_most].map { |name| Constants.fetch(:dishes, name) }
        (fat.grams.value / flour.grams.value).between?(least, most)
      end
    end
  end
end
