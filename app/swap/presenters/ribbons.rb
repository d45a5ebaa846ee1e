module Restauro
  module Presenters
    # The ribbons between a wheat line and the lines in its place, as thick as the grams: one scale for the whole
    # recipe.
    class Ribbons
      LINE_HEIGHT = 56
      THICKEST = 40.0
      THINNEST = 1.6

      # @param rows [Array<Hash>] rows of a snapshot
      def initialize(rows)
        @most = rows.flat_map { |row| [row[:wheat], *row[:ours]] }.filter_map { |line| line[:grams] }.max || 1.0
      end

      # @return [String] SVG, as high as the row's lines; stretched with the row by the page
      def draw(row)
        height = LINE_HEIGHT * [row[:ours].length, 1].max
        Svg.tag(
          "svg",
          bands(row).join,
          viewBox: "0 0 100 #{height}",
          preserveAspectRatio: "none",
          class: "ribbons",
          aria_hidden: "true"
        )
      end

      private

      # Lines that come from nowhere, as a slurry's water, have no ribbon.
      def bands(row)
        ours =
          row[:ours].each_with_index.select { |line, _| line[:grams] && (!row[:replaced] || line[:role] != "liquid") }
        return [] unless row[:wheat][:grams] && ours.any?

        total = ours.sum { |line, _| line[:grams] }
        from = LINE_HEIGHT / 2.0 - thickness(row[:wheat][:grams]) / 2
        ours.map do |line, index|
          left = total.zero? ? THINNEST : thickness(row[:wheat][:grams]) * line[:grams] / total
          band(from, left, LINE_HEIGHT * (index + 0.5), thickness(line[:grams]), Format.shape(line[:role])).tap do
            from += left
          end
        end
      end

      def thickness(grams) = [THICKEST * grams / @most, THINNEST].max

      def band(from, left, middle, right, shape)
        top, bottom = middle - right / 2, middle + right / 2
        curve =
          "M0 #{n(from)}C45 #{n(from)} 55 #{n(top)} 100 #{n(top)}L100 #{n(bottom)}C55 #{n(bottom)} 45 #{n(from + left)} 0 #{n(from + left)}Z"
        Svg.tag("path", d: curve, class: "ribbon ribbon-#{shape}")
      end

      def n(value) = Svg.plain(value.to_f)
    end
  end
end
