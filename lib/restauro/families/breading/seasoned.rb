# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Salt and spices of a coat. Those listed before the flour are for the pieces. Those behind it are stirred into a
      # dish of flour of which most stays behind: of ours, no more than clings, so much less of them.
      #   Common practice; that the share clings with the flour is arithmetic.
      module Seasoned
        COATS = %w[flour starch egg crumb].freeze
        ROLE = "seasoning"
        private_constant :COATS, :ROLE

        module_function

        # @param lines [Array<Recipes::Line>] of a coat   @return [Array<Recipes::Line>] for the pieces
        def on_the_pieces(lines)
          first = lines.index { |line| COATS.include?(line.role) } || 0
          lines.first(first).select { |line| line.role == ROLE }
        end

        # @param pairs [Array] of a wheat line and ours for it   @return [Array] the same, the dish's seasoning scaled
        def scaled(pairs)
          at = pairs.index { |wheat, _| wheat.role == "flour" && wheat.grams } or return pairs
          share = share(*pairs[at])
          return pairs unless share&.< Layers.figure(:seasoned_share)

          behind = pairs[(at + 1)..].take_while { |wheat, _| wheat.role == ROLE }
          pairs.map { |pair| behind.include?(pair) ? [pair.first, pair.last.map { |line| less(line, share) }] : pair }
        end

        # @return [Float, nil] of the wheat flour's weight
        def share(wheat, ours)
          grams = ours.filter_map(&:grams).sum(0.0, &:value)
          grams / wheat.grams.value if grams.positive? && wheat.grams.value.positive?
        end

        # A scale shows no tenth of a gram of pepper.
        def less(line, share)
          return line unless line.grams

          grams = line.grams * share
          weight = "#{Recipes::WeighedLine.tenths(grams.value)} g"
          amount = grams.value < Layers.figure(:pinch_g) ? "a pinch of" : weight
          line.with(text: "#{amount} #{line.name_text}", grams: grams, amount_text: nil, warnings: line.warnings)
        end
        private_class_method :share, :less
      end
    end
  end
end
