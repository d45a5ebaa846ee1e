# How long a light page takes while fifty recipes are worked out beside it: server, workers and database as in the running application, the browsers in a
# process of their own. Run: bench/run beside
# Reports medians and the ninety-fifth of a hundred, alone and beside; and how the fifty fared.
require_relative "../app/web"
require "net/http"
require "puma"
require "puma/server"
require "tmpdir"
require_relative "../app/server"

module Restauro
  # The server here, the browsers in a fork that was made before its threads.
  class BesideBench
    FIFTY, LIGHT = 50, 200

    def run
      nursery = Workers::Nursery.open { |path| Workers::Worker.join(path) }
      told, tell = IO.pipe
      browsers = fork do
        tell.close
        @uri = URI("http://127.0.0.1:#{told.gets.to_i}/")
        report
      end
      serve(nursery) do |port|
        tell.puts(port)
        Process.wait(browsers)
      end
    end

    private

    def serve(nursery)
      cluster = Database::Cluster.new(File.join(Dir.tmpdir, "restauro-beside-#{Process.uid}"), durable: false)
      options = cluster.start
      database = Database.connect(options, connections: Server::CONNECTIONS)
      pool = Workers::Pool.new(nursery, size: Etc.nprocessors, config: {database: options, lan: false}).start
      web = Web.with(Services.on(database), secret: "b" * 128, pool: pool)
      server = Puma::Server.new(web, nil, {min_threads: 0, max_threads: Server::THREADS, log_writer: Puma::LogWriter.null})
      port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
      server.run
      sleep 0.1 until pool.pids.length == Etc.nprocessors
      yield port
    ensure
      server&.stop(true)
      pool ? pool.stop : nursery.close
      database&.disconnect
      cluster&.stop
    end

    def report
      alone = Array.new(LIGHT) { timed { light } }
      recomputes = Array.new(FIFTY) { |index| browser(index) }
      took = []
      threads = recomputes.map { |send| Thread.new { took << timed { send.call } } }
      beside = []
      beside << timed { light } while threads.any?(&:alive?)
      threads.each(&:join)
      puts format("a light page alone                 median %5.1f ms, 95 %% under %5.1f ms", *of(alone))
      puts format("beside fifty recomputes            median %5.1f ms, 95 %% under %5.1f ms, worst %5.1f ms (%d pages)", *of(beside), beside.max, beside.length)
      puts format("the fifty                          median %5.1f ms, the last %5.1f ms; %d answered, %d sent away", of(took).first, took.max, @answered, FIFTY - @answered)
    end

    def of(times) = times.sort.then { |sorted| [sorted[sorted.length / 2], sorted[(sorted.length * 0.95).floor]] }
    def light = Net::HTTP.get_response(@uri + "more").then { |answer| raise "the page answered #{answer.code}" unless answer.code == "200" }

    # A browser with its cookie and its recipe.   @return [Proc] that sends it
    def browser(index)
      @answered = 0
      page = Net::HTTP.get_response(@uri + "swap")
      cookie = page["set-cookie"][/[^;]+/]
      token = page.body[/name="authenticity_token" value="([^"]+)"/, 1]
      state = SwapInput.new("recipe" => "Leek pie\n\nPastry:\n#{200 + index} g flour\n110 g butter\n40 ml water\n\nSauce:\n45 g butter\n30 g flour\n#{430 + index} ml milk\n\nLeeks:\n500 g leeks",
                            "pan" => "24 cm round 5 cm deep").state
      body = URI.encode_www_form(state.merge("authenticity_token" => token))
      lambda do
        answer = Net::HTTP.start(@uri.host, @uri.port, read_timeout: 120) { |http| http.post("/swap", body, "cookie" => cookie, "x-restauro-live" => "1") }
        @answered += 1 if answer.code == "200"
      end
    end

    def timed
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      yield
      (Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000
    end
  end
end

Restauro::BesideBench.new.run
