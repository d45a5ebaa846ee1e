# Twenty cooks at once, each page with its own open line, the scale telling five readings a second: how long from a reading to the page that shows it,
# with dishes being worked at meanwhile; and what idle lines cost in threads and database connections. Run: bench/run live
require_relative "../app/web"
require_relative "../app/devices/stand_ins"
require "puma"
require "puma/server"
require "socket"
require "tmpdir"

module Restauro
  # The real server, scale and database of one machine.
  class LiveBench
    COOKS = 20
    SECONDS = 10
    THREADS = 5

    def run
      cluster = Database::Cluster.new(File.join(Dir.tmpdir, "restauro-live-#{Process.uid}"), durable: false)
      @database = Database.connect(cluster.start, connections: THREADS + 3)
      @stand_ins = StandIns.new.start
      @counter = Counter.with(scale: @stand_ins.ports["scale"], probe: @stand_ins.ports["probe"]).start
      serve
      report
    ensure
      @server&.stop(true)
      @counter&.stop
      @stand_ins&.stop
      @database&.disconnect
      cluster&.stop
    end

    private

    def serve
      @services = Services.on(@database, counter: @counter)
      app = Web.with(@services, secret: "b" * 64)
      @server = Puma::Server.new(app, nil, {min_threads: 0, max_threads: THREADS, log_writer: Puma::LogWriter.null})
      @port = @server.add_tcp_listener("127.0.0.1", 0).addr[1]
      @server.run
    end

    def open_line
      Socket.tcp("127.0.0.1", @port).tap { |socket| socket.write("GET /live HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n") }
    end

    # From the moment that the scale showed it to the moment that it stands in the page's socket.
    def listen(socket, delays)
      buffer = +""
      loop do
        buffer << socket.readpartial(4096)
        while (line = buffer.slice!(/\A.*\n/))
          at = line[/\Adata: .*"kind":"scale".*"at":(\d+)/, 1] and delays << (Time.now.to_f * 1000 - at.to_i)
        end
      end
    rescue IOError, SystemCallError
      nil
    end

    # A dish on the stove, which all of them look at.
    def dish
      worked = SwapPage.new(SwapInput.new(Demo.first_sauce), @services)
      @services.dishes.add(family: "sauce", title: "Sauce", plan: Making::Plan.of(worked.family, worked.swap, worked.family.catalogue).to_data, inputs: {},
                           choices: {}, snapshot: JSON.parse(JSON.generate(worked.snapshot)), data_version: @services.data_version)
    end

    # Twenty tablets in a process of their own, each asking for its page every other second.
    COOK = <<~RUBY.freeze
      require "socket"
      port, path, cooks, seconds = ARGV
      finish = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds.to_f
      pages = Array.new(cooks.to_i) do |cook|
        Thread.new do
          sleep 2.0 * cook / cooks.to_i
          count = 0
          while Process.clock_gettime(Process::CLOCK_MONOTONIC) < finish
            Socket.tcp("127.0.0.1", port) { |socket| socket.write("GET \#{path} HTTP/1.1\\r\\nHost: 127.0.0.1\\r\\nConnection: close\\r\\n\\r\\n") && socket.read.include?("step-text") && count += 1 }
            sleep 2
          end
          count
        end
      end
      puts pages.sum(&:value)
    RUBY

    def cooking(path) = IO.popen([RbConfig.ruby, "-e", COOK, @port.to_s, path, COOKS.to_s, SECONDS.to_s], &:read).to_i

    def report
      path = "/dishes/#{dish}/cook"
      get(path)
      lines = Array.new(COOKS) { open_line }
      sleep 1
      connections = @database.pool.size
      delays = Queue.new
      listeners = lines.map { |socket| Thread.new { listen(socket, delays) } }
      puts format("%d open lines: %d of %d web threads free, %d database connection in the pool, made before them", COOKS, THREADS - @server.backlog.to_i,
                  THREADS, connections)
      measured("nothing else", delays) { sleep(SECONDS) && 0 }
      measured("Cook pages asked for by #{COOKS} tablets", delays) { cooking(path) }
      measured("Swap pages worked out one after another", delays) { busy }
      listeners.each(&:kill)
    end

    # What was waiting in the sockets before does not count.
    def measured(words, delays)
      sleep 1
      delays.clear
      pages = yield
      sorted = Array.new(delays.size) { delays.pop }.sort
      puts format("reading to page, %d readings, %d %s: median %.0f ms, 95 %% under %.0f ms, worst %.0f ms", sorted.length, pages, words,
                  sorted[sorted.length / 2], sorted[(sorted.length * 0.95).floor], sorted.last)
    end

    def get(path)
      Socket.tcp("127.0.0.1", @port) { |socket| socket.write("GET #{path} HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n") && socket.read }
    end

    def busy
      until_at = Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS
      (1..).take_while { Process.clock_gettime(Process::CLOCK_MONOTONIC) < until_at && get("/") }.length
    end
  end
end

Restauro::LiveBench.new.run
