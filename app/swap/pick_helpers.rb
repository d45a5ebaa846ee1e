require "uri"

module Restauro
  # Things to tap: each a button that puts whole values into the form's fields, so nothing needs to be typed and nothing
  # needs a script.
  module PickHelpers
    # @param on [Boolean] whether it holds now   @param fields [Hash] names of the form's fields and what goes in
    def pick_one(words, on: false, **fields)
      values = URI.encode_www_form(fields.transform_keys(&:to_s))
      "<button class=\"pick-one\" type=\"submit\" name=\"pick\" value=\"#{h(values)}\" data-sets aria-pressed=\"#{on}\">#{h(words)}</button>"
    end

    # @param choices [Hash] value => words   @param field [Symbol]   @param now [String] the value that holds
    def pick_row(legend, choices, field, now, **others)
      buttons =
        choices.map { |value, words| pick_one(words, on: value.to_s == now.to_s, **{field => value}, **others) }
      "<div class=\"pick-row\" role=\"group\" aria-label=\"#{h(legend)}\"><span class=\"pick-legend\">#{h(legend)}</span>#{buttons.join}</div>"
    end
  end
end
