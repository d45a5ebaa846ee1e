# frozen_string_literal: true

module Restauro
  module Recipes
    # "Garlic butter: 100 g butter, garlic, parsley" under a Kiev: it has a heading of its own, and is in the pieces.
    module ButterInside
      TITLE, BUTTER = DataFiles.words("families/breading/words.yml").values_at(:buttered, :butter_heading)
      private_constant :TITLE, :BUTTER

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless lines.first&.role == "title" && lines.first.text.match?(TITLE)

        lines.map { |line| !line.words? && line.part.to_s.match?(BUTTER) ? inside(line) : line }
      end

      # Lemon in the butter is a wedge beside it: it wets no crumbs.
      def inside(line)
        return line.with(part: nil) unless %w[liquid acid].include?(line.role)

        line.with(part: nil, role: "other", kind: "table")
      end
      private_class_method :inside
    end
  end
end
