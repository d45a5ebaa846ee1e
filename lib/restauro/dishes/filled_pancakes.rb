# frozen_string_literal: true

module Restauro
  module Dishes
    # Thin pancakes in one list with what they are rolled or folded around: ham, cheese, mushrooms. Fruit is stirred in,
    # or eaten with them.
    module FilledPancakes
      THIN = DataFiles.words("dishes/words.yml").fetch(:thin_pancakes)
      BATTER = %w[flour starch liquid egg fat seasoning lift].freeze
      FILLS = %w[soften wilt simmer poultry ground_meat ground_poultry quick_meat ready_meat cured fish sausage].freeze
      private_constant :BATTER, :FILLS

      module_function

      # @param title [String]   @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the batter's and the filling's lines
      def split(title, lines)
        return unless title.match?(THIN)

        batter = lines.take_while { |line| BATTER.include?(line.role) }
        filling = lines[batter.length..]
        whole = %w[flour liquid].all? { |role| batter.any? { |line| line.role == role } }
        # Flour behind the batter's milk is a sauce's.
        poured = batter.drop_while { |line| line.role != "liquid" }
        return if (poured + filling).any? { |line| line.role == "flour" }

        [batter, filling.map { |line| broken(line) }] if whole && filling.any? { |line| fills?(line) }
      end

      # An egg among ham and cheese is broken onto each in its pan: mixed in, it would be eaten raw.
      def broken(line)
        return line unless Recipes::CrackedIn.whole?(line)

        line.with(ingredient: nil, role: "other", kind: Recipes::CrackedIn::KIND)
      end

      # @param line [Recipes::Line]
      def fills?(line) = FILLS.include?(line.kind) || %w[cheese puree].include?(line.role)
    end
  end
end
