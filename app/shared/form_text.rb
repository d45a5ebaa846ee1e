module Restauro
  # What a browser sends, as plain text: UTF-8, no zero bytes, lines ended alike. A list of boxes becomes words between
  # commas.
  module FormText
    module_function

    # @return [Float, nil] a finite number, its comma a point
    def number(text) = Float(text.to_s.strip.tr(",", "."), exception: false)&.then { |number| number if number.finite? }

    # Every text in a form, at any depth, in place; files are left alone.
    # @param fields [Hash, Array]
    def clean_all!(fields)
      (fields.is_a?(Hash) ? fields.keys : fields.each_index).each do |key|
        case fields[key]
        when String
          fields[key] = clean(fields[key])
        when Hash, Array
          clean_all!(fields[key]) unless fields[key].is_a?(Hash) && fields[key].key?(:tempfile)
        end
      end
    end

    # @param value [Object] of a form's field   @return [String]
    def clean(value)
      return value.grep(String).map { |word| clean(word) }.reject(&:empty?).join(",") if value.is_a?(Array)

      value.is_a?(String) ? value.dup.force_encoding(Encoding::UTF_8).scrub("").delete("\u0000").gsub("\r\n", "\n") : ""
    end
  end
end
