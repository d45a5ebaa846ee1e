require "erb"

module Restauro
  module Presenters
    # Numbers and measures for the eye. Every method returns escaped HTML or plain text with nothing to escape.
    module Format
      FRACTION = %r{(?:(\d+) )?(\d+/\d+)}
      ROLE_SHAPES = {"thickener" => "body", "flour" => "body", "starch" => "body", "crumb" => "body", "binder" => "binder", "egg" => "binder",
                     "liquid" => "liquid", "acid" => "liquid", "puree" => "liquid", "fat" => "fat", "cheese" => "fat", "lift" => "lift"}.freeze

      module_function

      # Whole grams from ten up, tenths below.   @example grams(26.2) # => "26"
      def grams(value) = value.abs < 10 ? format("%.1f", value).delete_suffix(".0") : value.round.to_s

      def number(value, digits = 2)
        return "0" if value.zero?

        places = [digits - 1 - Math.log10(value.abs).floor, 0].max
        format("%.#{places}f", value.round(digits - 1 - Math.log10(value.abs).floor))
      end

      # Fractions set as fractions: 2 1/2 tsp.   @return [String] HTML
      def measure(text)
        ERB::Util.html_escape(text).gsub(FRACTION) do
          whole, part = Regexp.last_match.captures
          "#{"#{whole} " if whole}<span class=\"fraction\">#{part}</span>"
        end
      end

      # How far a kitchen measure is off: "3 % over".   @return [String, nil]
      def measure_error(percent)
        return if percent.nil? || percent.abs < 1

        "#{percent.abs.round} % #{percent.positive? ? "over" : "under"}"
      end

      # Whole and half minutes in plain text.   @example minutes_text(7.5) # => "7 1/2"
      def minutes_text(value) = [(value.floor unless value < 1), ("1/2" unless value == value.floor)].compact.join(" ")
      def minutes(value) = measure(minutes_text(value))
      def money(value) = format("%.2f", value)
      def shape(role) = ROLE_SHAPES.fetch(role, "other")
      def list(words) = words.length < 2 ? words.join : "#{words[0..-2].join(", ")} and #{words.last}"
      def day(date) = date.strftime("%-d %b")
      def date(time) = time.strftime("%-d %B %Y")
    end
  end
end
