require "digest"
require "rubygems/package"
require "stringio"
require "zlib"

module Restauro
  module Archive
    # One packed file of named files, with a list of them that says how long each is and its checksum: a half of it is
    # told from the whole.
    module Tar
      MANIFEST = "manifest.json".freeze
      VERSION = 1
      MOST_BYTES = 400_000_000
      MOST_FILES = 60_000

      module_function

      # @param files [Hash{String => String}] path => bytes   @param made_at [Time]   @return [String] bytes
      def pack(files, made_at:)
        list = files.map do |path, bytes|
          {"path" => path, "bytes" => bytes.bytesize, "sha256" => Digest::SHA256.hexdigest(bytes)}
        end
        manifest =
          JSON.pretty_generate(
            "format" => "restauro-archive",
            "version" => VERSION,
            "made_at" => made_at.utc.iso8601,
            "files" => list
          )
        out = StringIO.new("".b)
        Zlib::GzipWriter.wrap(out) do |gzip|
          Gem::Package::TarWriter.new(gzip) do |tar|
            {MANIFEST => manifest, **files}.each { |path, bytes| write(tar, path, bytes) }
          end
        end
        out.string
      end

      def write(tar, path, bytes)
        tar.add_file_simple(path, 0o644, bytes.bytesize) { |file| file.write(bytes) }
      end

      # @param bytes [String]
      # @return [Hash{String => String}] every file that is listed, each as it was
      # @raise [InvalidInput]
      def unpack(bytes)
        files = read(bytes)
        manifest = manifest(files)
        manifest
          .fetch("files")
          .to_h do |row|
            found = files[row["path"]] or
              raise InvalidInput,
                    "this archive is not whole: #{row["path"].to_s[0, 60]} is missing; nothing was changed"
            whole = found.bytesize == row["bytes"] && Digest::SHA256.hexdigest(found) == row["sha256"]
            unless whole
              raise InvalidInput, "this archive is damaged at #{row["path"].to_s[0, 60]}; nothing was changed"
            end

            [row["path"], found]
          end
      end

      def read(bytes)
        files, total = {}, 0
        Zlib::GzipReader.wrap(StringIO.new(bytes)) do |gzip|
          Gem::Package::TarReader
            .new(gzip)
            .each do |entry|
              total += entry.header.size
              raise InvalidInput, "this archive is too large" if total > MOST_BYTES || files.length > MOST_FILES

              files[entry.full_name] = entry.read.to_s if entry.file?
            end
        end
        files
      rescue Zlib::Error, Gem::Package::Error, ArgumentError, EOFError
        raise InvalidInput,
              "this is no whole archive of Restauro: it is a .tar.gz that “Take it along” or bin/export wrote; nothing was changed"
      end

      def manifest(files)
        manifest = JSON.parse(files.fetch(MANIFEST, "null"), max_nesting: 10)
        known = manifest.is_a?(Hash) && manifest["format"] == "restauro-archive" && manifest["files"].is_a?(Array)
        unless known
          raise InvalidInput, "this is no archive of Restauro: it has no list of its files; nothing was changed"
        end
        return manifest if manifest["version"].to_i <= VERSION

        raise InvalidInput,
              "this archive is of a later Restauro (#{manifest["version"]}): bring this one up to date first"
      rescue JSON::ParserError
        raise InvalidInput, "this archive's list cannot be read; nothing was changed"
      end
    end
  end
end
