require "fileutils"

module Restauro
  module Archive
    # An archive a day beside the home, the last seven kept.
    class Nightly
      KEPT = 7
      LOOK_S = 1800
      NAME = /\Arestauro-\d{4}-\d\d-\d\d\.tar\.gz\z/

      # @param directory [String]   @param clock [#call]   @yield the archive's bytes
      def initialize(directory, clock:, &bytes)
        @directory = directory
        @clock = clock
        @bytes = bytes
      end

      # Looks every half hour, as long as this process lives.
      def keep
        Thread.new do
          loop do
            once
            sleep LOOK_S
          rescue StandardError => e
            warn "backup: #{e.class}: #{e.message.to_s[0, 200]}"
            sleep LOOK_S
          end
        end
      end

      # Today's, unless it is there; the oldest go.   @return [String, nil] where it was written
      def once
        path = File.join(@directory, "restauro-#{@clock.call.strftime("%F")}.tar.gz")
        return if File.exist?(path)

        FileUtils.mkdir_p(@directory, mode: 0o700)
        File.binwrite("#{path}.part", @bytes.call)
        File.rename("#{path}.part", path)
        archives[0...-KEPT].each { |old| FileUtils.rm_f(File.join(@directory, old)) }
        path
      end

      # @return [Array<String>] oldest first
      def archives = Dir.children(@directory).grep(NAME).sort
    end
  end
end
