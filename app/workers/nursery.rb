module Restauro
  module Workers
    # Makes worker processes on demand. It is forked before the first thread is started, so that what it forks holds
    # nobody's lock.
    class Nursery
      # @param work [#call] what a worker does with the path of the socket it is to join
      # @return [Nursery] in the parent
      def self.open(&work)
        reader, writer = IO.pipe
        pid = fork do
          with_nothing_after do
            writer.close
            $PROGRAM_NAME = "restauro nursery"
            Signal.trap("INT", "IGNORE") # the terminal's: the parent ends us by letting go of the pipe
            tend(reader, work)
          end
        end
        reader.close
        new(pid, writer)
      end

      def self.tend(reader, work)
        while (path = reader.gets)
          Process.detach(
            fork do
              with_nothing_after do
                reader.close
                work.call(path.chomp)
              end
            end
          )
        end
      end

      # What the parent does at its end is not its children's to do.
      def self.with_nothing_after
        yield
      ensure
        exit!(0)
      end

      def initialize(pid, writer)
        @pid = pid
        @writer = writer
      end

      # Another worker that joins this socket.   @return [Boolean] false where the nursery is gone
      def bear(path)
        @writer.puts(path)
        true
      rescue SystemCallError, IOError
        false
      end

      def close
        @writer.close
        Process.wait(@pid)
      rescue SystemCallError, IOError
        nil
      end
    end
  end
end
