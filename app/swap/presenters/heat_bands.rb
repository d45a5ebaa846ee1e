module Restauro
  module Presenters
    # A cut through a piece over the minutes, coloured by temperature: one path for each colour, cells of one colour
    # that touch joined.
    class HeatBands
      EDGES = [40, 55, 63, 74, 85, 95].freeze
      # What cells lie over their neighbours, so that no seam shows.
      LAP = 0.6

      # What the colours mean.   @return [String] HTML
      def self.legend
        names = ["under 40 °C", *EDGES.each_cons(2).map { |low, high| "#{low}–#{high} °C" }, "over 95 °C"]
        items = names.each_with_index.map do |name, index|
          swatch =
            Svg.tag(
              "svg",
              Svg.tag("rect", width: 18, height: 18, class: "heat-#{index}"),
              viewBox: "0 0 18 18",
              aria_hidden: true
            )
          "<li>#{swatch}#{name}</li>"
        end
        "<ul class=\"heat-legend\" aria-label=\"degrees inside\">#{items.join}</ul>"
      end

      def initialize
        @paths = Array.new(EDGES.length + 1) { +"" }
      end

      # @param celsius [Array<Float>] from the top down
      # @param from, to [Float] where its minutes lie
      # @param top, bottom [Float]
      def column(celsius, from:, to:, top:, bottom:)
        height, row = (bottom - top) / celsius.length, 0
        width = (to - from + LAP).round(1)
        celsius
          .map { |one| band(one) }
          .chunk(&:itself)
          .each do |band, same|
            tall = (same.length * height + LAP).round(1)
            @paths[band] << "M#{from.round(1)} #{(top + row * height).round(1)}h#{width}v#{tall}h-#{width}z"
            row += same.length
          end
      end

      # @return [String] SVG, the coolest first
      def to_s =
        @paths
          .each_with_index
          .map { |path, band| path.empty? ? "" : Svg.tag("path", d: path, class: "heat-#{band}") }
          .join

      private

      def band(celsius) = EDGES.count { |edge| celsius >= edge }
    end
  end
end
