# A stand-in for a kitchen scale or a probe thermometer: a small server on loopback. A line of JSON for each reading,
# five a second, to whoever
# is connected; a line of JSON for each command from them.   ruby devices/stand_in.rb scale|probe --port N [--seed N]
require "json"
require "optparse"
require "socket"
require_relative "scale_model"
require_relative "probe_model"

module Restauro
  module Devices
    # Serves one model to everybody who connects.
    class StandIn
      EVERY_S = 0.2
      MODELS = {"scale" => ScaleModel, "probe" => ProbeModel}.freeze
      LONGEST_LINE = 400

      def initialize(kind, port:, seed: 1)
        model = MODELS[kind] or abort "a stand-in is a scale or a probe; got '#{kind}'"
        @model = model.new(chance: Random.new(seed))
        @server = TCPServer.new("127.0.0.1", port)
        @peers = []
        @buffers = Hash.new { |all, peer| all[peer] = +"" }
      end

      def port = @server.addr[1]

      # One thread: reads what has come, then says what is shown.
      def run
        next_at = now
        loop do
          ready, = IO.select([@server, *@peers], nil, nil, [next_at - now, 0].max)
          (ready || []).each { |socket| socket == @server ? accept : hear(socket) }
          next if now < next_at

          tell(@model.reading(now))
          next_at += EVERY_S
          next_at = now + EVERY_S if next_at < now
        end
      end

      private

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def accept
        peer = @server.accept
        peer.setsockopt(Socket::IPPROTO_TCP, Socket::TCP_NODELAY, 1)
        @peers << peer
      end

      def hear(peer)
        @buffers[peer] << peer.read_nonblock(LONGEST_LINE)
        return leave(peer) if @buffers[peer].length > 4 * LONGEST_LINE

        while (line = @buffers[peer].slice!(/\A.*\n/))
          answer(peer, line)
        end
      rescue IO::WaitReadable
        nil
      rescue EOFError, SystemCallError
        leave(peer)
      end

      def answer(peer, line)
        wrong = @model.obey(JSON.parse(line), now)
        write(peer, {error: wrong}) if wrong
      rescue JSON::ParserError, NoMethodError
        write(peer, {error: "a command is a line of JSON such as {\"do\":\"tare\"}"})
      end

      def tell(reading) =
        reading && @peers.dup.each { |peer| write(peer, reading.merge(at: (Time.now.to_f * 1000).round)) }

      def write(peer, message)
        peer.write_nonblock("#{JSON.generate(message)}\n")
      rescue IO::WaitWritable
        nil
      rescue SystemCallError, IOError
        leave(peer)
      end

      def leave(peer)
        @peers.delete(peer)
        @buffers.delete(peer)
        peer.close
      end
    end
  end
end

if $PROGRAM_NAME == __FILE__
  port, seed = 0, 1
  OptionParser
    .new do |on|
      on.on("--port N", Integer) { |value| port = value }
      on.on("--seed N", Integer) { |value| seed = value }
    end
    .parse!(ARGV)
  Restauro::Devices::StandIn.new(ARGV.first, port: port, seed: seed).run
end
