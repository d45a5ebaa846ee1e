module Restauro
  module Shaping
    # Rounds cut from a rectangle of dough, edge to edge: in rows set off by half a round, along or across, or in a
    # square grid, whichever gives most.
    # In a large sheet the rows reach the densest packing there is, pi/sqrt(12) = 0.907 of the area (C. F. Gauss, A.
    # Thue).
    module Packing
      ROW = Math.sqrt(3) / 2

      module_function

      # @param width, length, diameter [Float] mm
      # @return [Array<Array(Float, Float)>] centres as [along the length, across the width]
      def centres(width:, length:, diameter:)
        along = staggered(length, width, diameter)
        across = staggered(width, length, diameter).map(&:reverse)
        [along, across, grid(length, width, diameter)].max_by(&:length)
      end

      # @return [Integer] rounds   (see centres)
      def count(**sheet) = centres(**sheet).length

      # Rows along x, each half a round off the one before.
      def staggered(length, width, diameter)
        return [] if [length, width].min < diameter

        Array
          .new(1 + ((width - diameter) / (diameter * ROW) + TINY).floor) do |row|
            shift = row.odd? ? diameter / 2 : 0.0
            Array.new(((length - shift) / diameter + TINY).floor) do |place|
              [shift + diameter * (place + 0.5), diameter * (0.5 + ROW * row)]
            end
          end
          .flatten(1)
      end

      # @return [Array<Array(Float, Float)>] centres in rows and columns
      def grid(length, width, diameter)
        columns, rows = [length, width].map { |side| (side / diameter + TINY).floor }
        Array.new(columns) { |x| Array.new(rows) { |y| [diameter * (x + 0.5), diameter * (y + 0.5)] } }.flatten(1)
      end

      TINY = 1e-9
    end
  end
end
