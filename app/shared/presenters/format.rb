require "erb"

module Restauro
  module Presenters
    # Numbers and measures for the eye. Every method returns escaped HTML or plain text with nothing to escape.
    module Format
      FRACTION = %r{(?:(\d+) )?(\d+/\d+)}
      ROLE_SHAPES = {
        "thickener" => "body",
        "flour" => "body",
        "starch" => "body",
        "crumb" => "body",
        "binder" => "binder",
        "egg" => "binder",
        "liquid" => "liquid",
        "acid" => "liquid",
        "puree" => "liquid",
        "fat" => "fat",
        "cheese" => "fat",
        "lift" => "lift"
      }.freeze

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
        ERB::Util
          .html_escape(text)
          .gsub(FRACTION) do
            whole, part = Regexp.last_match.captures
            "#{"#{whole} " if whole}<span class=\"fraction\">#{part}</span>"
          end
      end

      # What a sauce does, as a sentence.   @example it("coats the spoon") # => "It coats the spoon"
      def it(does) = "#{does.start_with?("a ") ? "On it" : "It"} #{does}"
      # What a bowl is or does.   @example makes("a firm dough to roll") # => "makes a firm dough to roll"
      def makes(does) = does.match?(/\A(?:an? |crumbs )/) ? "makes #{does}" : does

      # How far a kitchen measure is off: "3 % over".   @return [String, nil]
      def measure_error(percent)
        return if percent.nil? || percent.abs < 1

        "#{percent.abs.round} % #{percent.positive? ? "over" : "under"}"
      end

      # Whole and half minutes in plain text.   @example minutes_text(7.5) # => "7 1/2"
      def minutes_text(value) = [(value.floor unless value < 1), ("1/2" unless value == value.floor)].compact.join(" ")
      def minutes(value) = measure(minutes_text(value))
      # How a figure stands to wheat's, as a cook would say it.   @example against(1.33) # => "a third more"
      def against(times)
        return "like wheat" if times.between?(0.94, 1.06)
        return "#{number(times)} times" if times > 2.7

        AGAINST.min_by { |figure, _| (Math.log(figure) - Math.log(times)).abs }.last
      end

      AGAINST = {
        0.1 => "a tenth of it",
        0.25 => "a quarter of it",
        0.33 => "a third of it",
        0.5 => "half of it",
        0.67 => "a third less",
        0.75 => "a quarter less",
        0.8 => "a fifth less",
        0.9 => "a tenth less",
        1.1 => "a tenth more",
        1.2 => "a fifth more",
        1.25 => "a quarter more",
        1.33 => "a third more",
        1.5 => "half as much again",
        2.0 => "twice it",
        2.5 => "2½ times"
      }.freeze

      def money(value) = format("%.2f", value)
      def shape(role) = ROLE_SHAPES.fetch(role, "other")
      def list(words) = words.length < 2 ? words.join : "#{words[0..-2].join(", ")} and #{words.last}"
      # As the usual house writes: see HouseFormat.
      def degrees(text) = text
      def spoons_first? = false
      def day(date) = date.strftime("%-d %b")
      def date(time) = time.strftime("%-d %B %Y")
    end
  end
end
