require "fileutils"

module Restauro
  # Where a user's data lives, taken by one process at a time: a second start is told where the first runs.
  class Home
    # @param directory [String]
    def initialize(directory)
      @directory = directory
      FileUtils.mkdir_p(directory, mode: 0o755)
    end

    # Takes it for as long as this process lives.   @return [Boolean] whether it was free
    def take
      @lock = File.open(File.join(@directory, "running"), File::RDWR | File::CREAT, 0o644)
      @lock.flock(File::LOCK_EX | File::LOCK_NB) ? true : false
    end

    # Tells others where the pages are.
    def runs_at(address)
      return unless @lock&.flock(File::LOCK_EX | File::LOCK_NB)

      @lock.rewind
      @lock.truncate(0)
      @lock.write(address)
      @lock.flush
    end

    # What to say to a second start.
    def elsewhere
      address = File.read(File.join(@directory, "running")).strip
      where = address.empty? ? "is being started in another window" : "runs already at #{address}"
      "Restauro #{where}; open that, or type bin/start --port N to open a second door to the same home"
    end
  end
end
