# frozen_string_literal: true

module Restauro
  module Dishes
    # A coat is whole with its crumbs: tomatoes and soft cheese that are listed after them go over what is coated.
    module OverACoat
      SOFT = %w[tomato_passata melting_cheese ricotta cream_cheese].freeze
      private_constant :SOFT

      module_function

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the coat with its piece, and what goes over it
      def split(lines)
        whole = lines.index { |line| line.role == "crumb" } || battered(lines) or return
        ahead, after = lines[0..whole], lines[(whole + 1)..]
        return unless ahead.any? { |line| line.role == "egg" } && ahead.any? { |line| piece?(line) }

        cut = after.index { |line| SOFT.include?(line.ingredient) } or return
        oil, over = after[cut..].partition(&:to_fry_in?)
        [ahead + after[0...cut] + oil, over]
      end

      # Flour, egg and the fat to fry in: a batter is whole with them.   @return [Integer, nil]
      def battered(lines)
        at = lines.index(&:to_fry_in?) or return
        at if lines[0...at].any? { |line| line.role == "flour" } && lines[0...at].any? { |line| line.role == "egg" }
      end

      # Slices, or what is still to be cut.   @param line [Recipes::Line]
      def piece?(line) = Bake.laid?(line) || (line.role == "other" && !(line.kind || line.ingredient).nil?)
    end
  end
end
