require "io/wait"
require "json"
require "socket"

module Restauro
  # A scale or a probe on the counter: keeps asking for it, hears its readings, passes commands on. What it says last is
  # there at once; when it is gone the hub is told, and told again when it is back.
  class DeviceLink
    AGAIN_S = 0.5
    # No reading for so long and it counts as gone.
    SILENT_S = 1.5

    attr_reader :kind

    # @param kind [String] scale or probe
    # @param port [Integer, nil] on loopback; nil where there is none
    # @param hub [LiveHub]
    def initialize(kind, port, hub)
      @kind = kind
      @port = port
      @hub = hub
      @lock = Mutex.new
      @heard = []
    end

    def start
      @thread ||= Thread.new { listen } if @port
      self
    end

    def stop
      @thread&.kill
      @socket&.close
    rescue IOError
      nil
    end

    # Called with each reading, in the link's own thread.
    def on_reading(&block) = @heard << block
    # @return [Hash, nil] what it last said, while it is there
    def latest = here? ? @latest : nil
    def here? = !@latest.nil? && clock - @latest_at < SILENT_S

    # @param command [Hash] such as {"do" => "tare"}   @return [Boolean] whether it could be passed on
    def command(command)
      @lock.synchronize { @socket&.write("#{JSON.generate(command)}\n") } ? true : false
    rescue SystemCallError, IOError
      false
    end

    private

    def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def listen
      loop do
        connect
        read
      rescue SystemCallError, IOError
        nil
      ensure
        gone
        sleep AGAIN_S
      end
    end

    def connect
      socket = Socket.tcp("127.0.0.1", @port, connect_timeout: 2)
      socket.setsockopt(Socket::IPPROTO_TCP, Socket::TCP_NODELAY, 1)
      @lock.synchronize { @socket = socket }
    end

    # A line a reading; none for a while, and it is said to be gone though the line is open.
    def read
      buffer = +""
      loop do
        unless @socket.wait_readable(SILENT_S)
          gone
          next
        end
        buffer << @socket.read_nonblock(4096)
        while (line = buffer.slice!(/\A.*\n/))
          hear(line)
        end
      end
    end

    def hear(line)
      reading = JSON.parse(line)
      return unless reading["kind"] == kind

      @latest, @latest_at, @gone = reading, clock, false
      @hub.tell(kind, reading.merge("here" => true))
      @heard.each { |block| block.call(reading) }
    rescue JSON::ParserError
      nil
    end

    def gone
      return if @gone

      @gone = true
      @latest = nil
      @hub.tell(kind, {"here" => false})
    end
  end
end
