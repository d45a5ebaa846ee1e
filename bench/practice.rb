# Forty learners, each with a pan of their own, asking once a second for five seconds of it: how long from the question to the page drawn.
# Run: bench/run practice
require_relative "../app/web"
require "puma"
require "puma/server"
require "tmpdir"

module Restauro
  # The real server and database of one machine, and the learners in a process of their own.
  class PracticeBench
    THREADS = 5
    LEARNERS = 40
    SECONDS = 20

    LEARNER = <<~RUBY.freeze
      require "net/http"
      port, lessons, learners, seconds = ARGV
      clock = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }
      waits = Queue.new
      ready = Queue.new
      pans = Array.new(learners.to_i) do |learner|
        Thread.new do
          http = Net::HTTP.start("127.0.0.1", port.to_i)
          cookie = nil
          ask = lambda do |request|
            request["Cookie"] = cookie if cookie
            request["X-Restauro-Live"] = "1" if request.is_a?(Net::HTTP::Post) && request.path != "/practice"
            http.request(request).tap { |answer| cookie = answer["Set-Cookie"].split(";").first if answer["Set-Cookie"] }
          end
          post = lambda do |path, fields|
            ask.call(Net::HTTP::Post.new(path).tap { |request| request.set_form_data(fields.merge("authenticity_token" => @token[learner])) })
          end
          @token ||= {}
          @token[learner] = ask.call(Net::HTTP::Get.new("/practice")).body[/name="authenticity_token" value="([^"]+)"/, 1]
          path = URI(post.call("/practice", "lesson" => lessons.split(",")[learner % lessons.split(",").length])["Location"]).path
          ask.call(Net::HTTP::Get.new(path))
          ready << true
          sleep 0.1 while ready.size < learners.to_i # all have their lesson open
          sleep 1.0 * learner / learners.to_i
          seconds.to_i.times do
            began = clock.call
            answer = post.call(path, "advance" => "5")
            waits << (clock.call - began) * 1000 if answer.code == "200"
            sleep [began + 1 - clock.call, 0].max
          end
        end
      end
      pans.each(&:join)
      puts Array.new(waits.size) { waits.pop }.join(" ")
    RUBY

    def run
      cluster = Database::Cluster.new(File.join(Dir.tmpdir, "restauro-practice-#{Process.uid}"), durable: false)
      @database = Database.connect(cluster.start, connections: THREADS + 3)
      report(served { |port| learners(port) })
    ensure
      @database&.disconnect
      cluster&.stop
    end

    private

    def served
      server = Puma::Server.new(Web.with(Services.on(@database), secret: "b" * 64), nil, {min_threads: 0, max_threads: THREADS, log_writer: Puma::LogWriter.null})
      port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
      server.run
      yield port
    ensure
      server&.stop(true)
    end

    def learners(port)
      lessons = Practice::Lesson.all.map(&:key).join(",")
      IO.popen([RbConfig.ruby, "-e", LEARNER, port.to_s, lessons, LEARNERS.to_s, SECONDS.to_s], &:read).split.map(&:to_f).sort
    end

    def report(waits)
      abort "no answer came" if waits.empty?
      puts format("%d learners, %d of %d questions answered: median %.0f ms, 95 %% under %.0f ms, worst %.0f ms", LEARNERS, waits.length, LEARNERS * SECONDS,
                  waits[waits.length / 2], waits[(waits.length * 0.95).floor], waits.last)
    end
  end
end

Restauro::PracticeBench.new.run
