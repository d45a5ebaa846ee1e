require "yaml"
require "digest"

module Restauro
  # The files under data/: every fact of the trade, read only.
  module DataFiles
    DIRECTORY = File.join(ROOT, "data").freeze
    # Read once: the files do not change while we run, and what is in them is deep-frozen.
    FROZEN = {}
    private_constant :FROZEN

    module_function

    # @param path [String] below data/, e.g. "units/kitchen.yml"   @return [Hash, Array] deep-frozen, string keys
    def yaml(path)
      FROZEN[path] ||= YAML.safe_load_file(File.join(DIRECTORY, path), aliases: true, freeze: true)
    rescue Errno::ENOENT
      raise DataError, "data/#{path} is missing"
    end

    # @return [Array<Hash>] one hash a row, header => cell (nil where blank)
    def csv(path)
      require "csv"
      CSV.read(File.join(DIRECTORY, path), headers: true, encoding: "UTF-8").map(&:to_h)
    end

    # The same, read once and frozen: for what is looked up often.
    def table(path) = FROZEN[path] ||= csv(path).each { |row| row.each_value(&:freeze).freeze }.freeze

    # A short digest of every data file: two results with the same version used the same facts.
    def version
      files = Dir[File.join(DIRECTORY, "**", "*.{yml,csv}")].sort
      Digest::SHA256.hexdigest(files.map { |file| Digest::SHA256.file(file).hexdigest }.join)[0, 12]
    end
  end
end
