# frozen_string_literal: true

module Restauro
  module Recipes
    # Raw potatoes in a gratin are sliced, aubergines in a moussaka sliced and fried, though nobody writes it down.
    module SlicedByName
      TITLE, LAYERED, CUT, AUBERGINE =
        DataFiles.words("dishes/words.yml").values_at(:sliced_by_name, :fried_by_name, :cut_otherwise, :fried_before)
      KIND = "sliced"
      FRIED = "fried_slices"
      private_constant :TITLE, :LAYERED, :CUT, :AUBERGINE

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        title = lines.first&.role == "title" ? lines.first.text : ""
        # With oil or flour for them they have a way of their own.
        layered = title.match?(LAYERED) && lines.none?(&:to_fry_in?)
        lines.map do |line|
          next line if line.words? || line.text.match?(CUT)
          next line.with(kind: KIND) if line.ingredient == "raw_potato" && title.match?(TITLE)

          line.role == "other" && line.text.match?(AUBERGINE) && layered ? line.with(kind: FRIED) : line
        end
      end
    end
  end
end
