require "erb"

module Restauro
  module Presenters
    # Elements of an SVG as escaped text. Attributes only, never a style: the pages' policy forbids inline styles.
    module Svg
      module_function

      # @param content [String, nil] already safe   @return [String]
      def tag(name, content = nil, **attributes)
        found = "<#{name}"
        attributes.each do |key, value|
          unless value.nil?
            found << " #{key.name.tr("_", "-")}=\"#{value.is_a?(Numeric) ? plain(value) : ERB::Util.html_escape(value)}\""
          end
        end
        found << (content ? ">#{content}</#{name}>" : "/>")
      end

      def text(words, **attributes) = tag("text", ERB::Util.html_escape(words), **attributes)
      def plain(value) = value.is_a?(Float) ? value.round(2).to_s.delete_suffix(".0") : value.to_s

      # A bar that says how long so many pixels are, with its words.
      def scale_bar(words, left:, right:, top:)
        tag(
          "path",
          d: "M#{left} #{(top + 4).round}V#{(top + 14).round}H#{right.round}V#{(top + 4).round}",
          class: "scale-bar"
        ) + text(words, x: right + 8, y: top + 16, class: "tick")
      end

      # A line through points.   @param points [Array<Array(Float, Float)>]
      def path(points) = "M#{points.map { |x, y| "#{x.round(1)} #{y.round(1)}" }.join("L")}"
    end
  end
end
