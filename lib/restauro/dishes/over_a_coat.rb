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
        crumbs = lines.index { |line| line.role == "crumb" } or return
        ahead, after = lines[0..crumbs], lines[(crumbs + 1)..]
        return unless ahead.any? { |line| line.role == "egg" } && ahead.any? { |line| piece?(line) }

        cut = after.index { |line| SOFT.include?(line.ingredient) } or return
        [ahead + after[0...cut], after[cut..]]
      end

      # Slices, or what is still to be cut.   @param line [Recipes::Line]
      def piece?(line) = Bake.laid?(line) || (line.role == "other" && !(line.kind || line.ingredient).nil?)
    end
  end
end
