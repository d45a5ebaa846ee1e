require "json"

module Restauro
  # Tells open pages what has just happened, by server-sent events. A page is a socket that was taken over from the web
  # server, so that a thousand idle ones cost no thread and no connection to the database. One that does not keep up, or
  # is gone, is dropped; the page asks anew by itself.
  class LiveHub
    BEAT_S = 10
    # More lines than any house opens: the oldest is let go, and its page asks anew.
    MOST = 240
    # Sent first: how soon to ask again.
    HELLO = "retry: 1000\n\n".freeze

    def initialize
      @pages = []
      @last = {}
      @lock = Mutex.new
    end

    # @param socket [IO] taken over
    def join(socket)
      @lock.synchronize do
        drop(@pages.first) while @pages.length >= MOST
        @pages << socket
        send_to(socket, HELLO + @last.values.join)
        @beating ||= Thread.new { loop { sleep(BEAT_S) && spread(": still here\n\n") } }
      end
    end

    # @param name [String] of the event   @param data [Hash]
    def tell(name, data)
      message = "event: #{name}\ndata: #{JSON.generate(data)}\n\n"
      spread(message, name)
    end

    def pages = @lock.synchronize { @pages.length }

    private

    # What was last said of each name is told to a page that comes later.
    def spread(message, name = nil)
      @lock.synchronize do
        @last[name] = message if name
        @pages.dup.each { |socket| send_to(socket, message) }
      end
    end

    def send_to(socket, message)
      return if socket.write_nonblock(message, exception: false) == message.bytesize

      drop(socket)
    rescue SystemCallError, IOError
      drop(socket)
    end

    def drop(socket)
      @pages.delete(socket)
      socket.close
    rescue IOError, SystemCallError
      nil
    end
  end
end
