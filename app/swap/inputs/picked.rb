require "uri"

module Restauro
  # What was tapped rather than typed, as fields of the Swap form: a button stands for whole values; a happening is put
  # together from its three.
  module Picked
    NOT_TO_PICK = %w[recipe corrections parts part title note].freeze

    module_function

    # @param params [Hash] the form
    # @param state [Hash] its fields as they stand
    # @return [Hash] of the fields that change
    def fields(params, state)
      {**buttons(params["pick"]), **happening(params["happen"], state["happens"])}
    end

    # "oven=190C&oil=": each field with what it is to hold.
    def buttons(text)
      return {} unless text.is_a?(String)

      URI.decode_www_form(FormText.clean(text)[0, 2000]).to_h.slice(*(SwapInput::FIELDS - NOT_TO_PICK))
    rescue ArgumentError
      {}
    end

    # After how long, what, and of what, as a line more.
    def happening(chosen, lines)
      return {} unless chosen.is_a?(Hash) && chosen["go"]

      after, act, what = chosen.values_at("at", "do", "add").map { |value| FormText.clean(value).strip[0, 60] }
      after = "0" if after.empty?
      line = "at #{after} min #{act == "add" ? "add #{what}" : act}"
      {"happens" => [*lines.to_s.lines.map(&:strip).reject(&:empty?), line].join("\n")}
    end

    # Ids of eaters, "all", or that nobody's rules count today.   @param value [String] boxes between commas
    def eaters(value)
      words = value.split(",")
      ids = words.grep(/\A\d{1,9}\z/)
      ids.any? ? ids.uniq.join(",") : (%w[all none].find { |word| words.include?(word) } || "")
    end
  end
end
