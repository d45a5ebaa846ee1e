require "json"
require "zlib"

module Restauro
  # The files under data/: every fact of the trade, read only. What they hold stands parsed in data/parsed.json too
  # (bin/setup writes it), which is many times as fast to read; a file changed since is parsed itself, so that the two
  # never disagree.
  module DataFiles
    DIRECTORY = File.join(ROOT, "data").freeze
    PARSED = File.join(DIRECTORY, "parsed.json").freeze
    # Read once: the files do not change while we run, and what is in them is deep-frozen.
    FROZEN = {}
    private_constant :FROZEN

    module_function

    # @param path [String] below data/, e.g. "units/kitchen.yml"   @return [Hash, Array] deep-frozen, string keys
    def yaml(path) = FROZEN[path] ||= read(path)

    # @return [Array<Hash>] one hash a row, header => cell (nil where blank); frozen
    def csv(path) = read(path)

    # The same, read once: for what is looked up often.
    def table(path) = FROZEN[path] ||= read(path)

    # A file of words that tell something.   @return [Hash{Symbol => Regexp}] frozen
    def words(path) =
      FROZEN["#{path} words"] ||= yaml(path).to_h { |name, words| [name.to_sym, pattern(words)] }.freeze

    # Words in any case, with their accents or without.   @param words [String] a regular expression
    # @return [Regexp]
    def pattern(words) = FROZEN[[:pattern, words]] ||= /#{BareLetters.pattern(words)}/i

    # A short digest of every data file: two results with the same version used the same facts.
    def version
      require "digest"
      Digest::SHA256.hexdigest(paths.map { |path| Digest::SHA256.file(File.join(DIRECTORY, path)).hexdigest }.join)[
        0,
        12
      ]
    end

    # Every file of facts, below data/.   @return [Array<String>]
    def paths = Dir[File.join(DIRECTORY, "**", "*.{yml,csv}")].map { |file| file.delete_prefix("#{DIRECTORY}/") }

    # @param text [String] of a file   @return [Hash, Array] what it holds, deep-frozen
    def parse(path, text)
      return rows(text) if path.end_with?(".csv")

      require "yaml"
      YAML.safe_load(text, aliases: true, freeze: true)
    end

    # @param text [String] CSV with a head   @return [Array<Hash>] frozen
    def rows(text)
      require "csv"
      CSV.parse(text, headers: true).map { |row| row.to_h.each_value(&:freeze).freeze }.freeze
    end

    # By what its text is: of another text the parsed form knows nothing.
    def key(path, text) = "#{path} #{Zlib.crc32(text)}"

    # @return [Hash, Array] parsed before, or now   @raise [DataError] a missing file
    def read(path)
      text = File.read(File.join(DIRECTORY, path), encoding: Encoding::UTF_8)
      parsed.fetch(key(path, text)) { parse(path, text) }
    rescue Errno::ENOENT
      raise DataError, "data/#{path} is missing"
    end

    # @return [Hash] key of a file's text => what it holds
    def parsed
      FROZEN[PARSED] ||= if File.exist?(PARSED)
                           JSON.parse(File.read(PARSED, encoding: Encoding::UTF_8), freeze: true)
                         else
                           {}.freeze
                         end
    end
  end
end
