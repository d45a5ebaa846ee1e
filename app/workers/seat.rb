module Restauro
  module Workers
    # One worker process as the pool sees it: asked one thing at a time.
    class Seat
      attr_reader :pid
      # Key of the form that it served last: what it remembers of that is of use to the next change.
      attr_accessor :served

      def initialize(socket, pid)
        @socket = socket
        @pid = pid
      end

      # @return [Object] its answer; :late where it takes longer, and it is ended; :broken where it died
      def ask(job, seconds:)
        Wire.send(@socket, job)
        return give_up(:late) unless @socket.wait_readable(seconds)

        Wire.receive(@socket) || give_up(:broken)
      rescue SystemCallError, IOError
        give_up(:broken)
      end

      def alive? = !@socket.closed?

      def give_up(why)
        close
        why
      end

      def close
        Process.kill("KILL", @pid)
        @socket.close
      rescue SystemCallError, IOError
        nil
      end
    end
  end
end
