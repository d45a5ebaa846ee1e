module Restauro
  # What a browser sends, as plain text: UTF-8, no zero bytes, lines ended alike. A list of boxes becomes words between commas.
  module FormText
    module_function

    # @param value [Object] of a form's field   @return [String]
    def clean(value)
      return value.grep(String).map { |word| clean(word) }.reject(&:empty?).join(",") if value.is_a?(Array)

      value.is_a?(String) ? value.dup.force_encoding(Encoding::UTF_8).scrub("").delete("\u0000").gsub("\r\n", "\n") : ""
    end
  end
end
