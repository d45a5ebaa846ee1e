module Restauro
  class CommandLine
    # The bytes of a file or of standard input as UTF-8 text.
    module Input
      MOST_BYTES = 2_000_000

      module_function

      # @param file [String] a path or -   @return [String]   @raise [InvalidInput]
      def read(file, stdin:)
        bytes = file == "-" ? stdin.binmode.read(MOST_BYTES + 1).to_s : File.binread(file, MOST_BYTES + 1).to_s
        raise InvalidInput, "#{name(file)} is over 2 MB; give one recipe" if bytes.bytesize > MOST_BYTES

        text(bytes)
      rescue SystemCallError => e
        raise InvalidInput, "cannot read #{name(file)}: #{e.message.sub(%r{ @ .*}, "")}; type a file's name or -"
      end

      # UTF-8 where it is, else Windows-1252, which old recipe programs write.
      def text(bytes)
        utf8 = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        return utf8.delete("\u0000") if utf8.valid_encoding?

        bytes.dup.force_encoding(Encoding::Windows_1252).encode(Encoding::UTF_8, invalid: :replace, undef: :replace)
      end

      # @return [String] what an error calls it
      def name(file) = file == "-" ? "standard input" : "'#{file}'"
    end
  end
end
