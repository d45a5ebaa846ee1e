# frozen_string_literal: true

module Restauro
  module Recipes
    # Raw potatoes in a gratin are sliced, though nobody writes it down.
    module SlicedByName
      TITLE, CUT = DataFiles.words("dishes/words.yml").values_at(:sliced_by_name, :cut_otherwise)
      KIND = "sliced"
      private_constant :TITLE, :CUT

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless lines.first&.role == "title" && lines.first.text.match?(TITLE)

        lines.map { |line| line.ingredient == "raw_potato" && !line.text.match?(CUT) ? line.with(kind: KIND) : line }
      end
    end
  end
end
