require "open3"

module Restauro
  # A photo that the cook uploads: no larger than the page can bear, drawn anew as a JPEG so that nothing of where and
  # when it was taken stays in it.
  module Photo
    MOST_BYTES = 12_000_000
    SIDE = 1280
    KINDS = {"\xFF\xD8\xFF".b => "jpeg", "\x89PNG".b => "png", "RIFF".b => "webp"}.freeze

    # Debian's own before another of that name.
    PROGRAM = File.executable?("/usr/bin/convert") ? "/usr/bin/convert" : "convert"

    module_function

    # @param upload [Hash, nil] from the form   @return [String, nil] bytes of a JPEG   @raise [InvalidInput]
    def read(upload)
      return unless upload.is_a?(Hash) && upload[:tempfile]

      bytes = upload[:tempfile].read(MOST_BYTES + 1).to_s.b
      return if bytes.empty?
      raise InvalidInput, "a photo is 12 MB at most: take a smaller one" if bytes.bytesize > MOST_BYTES

      kind = KINDS.find { |head, _| bytes.start_with?(head) }&.last or
        raise InvalidInput, "a photo is a JPEG, PNG or WebP file"
      redrawn(bytes, kind)
    end

    # By ImageMagick, with a bound on what it may take.
    def redrawn(bytes, kind)
      limits = %w[-limit memory 256MiB -limit map 512MiB -limit time 20]
      command = [
        PROGRAM,
        *limits,
        "#{kind}:-[0]",
        "-auto-orient",
        "-resize",
        "#{SIDE}x#{SIDE}>",
        "-strip",
        "-quality",
        "82",
        "jpeg:-"
      ]
      out, status = Open3.capture2(*command, stdin_data: bytes, binmode: true, err: File::NULL)
      status.success? && !out.empty? ? out : raise(InvalidInput, "this photo could not be read: try another")
    rescue Errno::ENOENT
      raise InvalidInput, "photos need ImageMagick, which bin/start installs; finish without one"
    end
  end
end
