module Restauro
  module Shaping
    # A dough rolled out into sheets of one size, cut, and its scraps rolled again.
    #   width, length mm of a sheet · count of first sheets · thickness mm
    Sheets = Value.of(:width, :length, :count, :thickness) do
      # @param volume [Float] mm3   @param tool [String] machine or pin   @param longest [Float] mm, of a sheet
      def self.of(volume:, thickness:, tool:, longest: Constants.fetch(:shaping, :sheet_most_mm))
        area = volume / thickness
        width = [Constants.fetch(:shaping, :"#{tool}_sheet_mm"), Math.sqrt(area)].min
        count = [(area / width / longest).ceil, 1].max
        new(width: width, length: area / width / count, count: count, thickness: thickness)
      end

      def area = width * length * count

      # Centres of the rounds on the first sheet.
      def centres(diameter) = Packing.centres(width: width, length: length, diameter: diameter)

      # Rounds from the sheets, then from their scraps rolled again and again.
      # @return [Array<Integer>] one number a rolling
      def rounds(diameter, rerolls: Constants.fetch(:shaping, :rerolls).to_i)
        first = count * centres(diameter).length
        left = area - first * Sheets.disc(diameter)
        rerolls
          .times
          .reduce([first]) do |found, _|
            more = rolled_again(left, diameter)
            left -= more * Sheets.disc(diameter)
            found + [more]
          end
      end

      # What is left over of the area in the end, as a share.
      def waste_share(diameter) = 1 - rounds(diameter).sum * Sheets.disc(diameter) / area

      # Ribbons cut along the sheets.
      def ribbons(ribbon_width) = count * [(width / ribbon_width + Packing::TINY).floor, 1].max

      def self.disc(diameter) = Math::PI * diameter**2 / 4

      private

      def rolled_again(area, diameter)
        return 0 if area < diameter**2

        again = Sheets.of(volume: area * thickness, thickness: thickness, tool: "machine", longest: length)
        again.count * again.centres(diameter).length
      end
    end
  end
end
