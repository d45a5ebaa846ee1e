# An hour's cooking in five minutes: twenty cooks against the whole application on a throwaway home, the database and the application killed in turn
# every thirty seconds. Run: bench/run soak [SECONDS] [COOKS]
# Prints what was confirmed and is missing (nothing, or exit 1), how long answers took, how large the processes grew.
require "cgi"
require "json"
require "net/http"
require "rbconfig"
require "securerandom"
require "socket"
require "tmpdir"
require_relative "../lib/restauro"

module Restauro
  # The household, seen from outside: only requests and signals.
  class Soak
    KILL_EVERY_S, START_S = 30, 120
    SERVER = "require %p; Restauro::Database::Cluster.define_singleton_method(:home) { %p }; Restauro::Server.new(ARGV).run".freeze
    RECIPES = ["%<name>s\n%<n>d g flour\n40 g butter\n500 ml milk", "%<name>s\n%<n>d g flour\n150 ml milk\n1 egg\n1 tsp baking powder",
               "%<name>s\nPotato gnocchi\n%<n>d g potatoes\n190 g flour\n1 egg"].freeze

    # One browser.
    class Cook
      def initialize(soak, number)
        @soak, @number, @random = soak, number, Random.new(number)
      end

      # A dish kept, cooked and written down, again and again.
      def work(until_time)
        dish while Process.clock_gettime(Process::CLOCK_MONOTONIC) < until_time
      end

      private

      def dish
        name = "Soak #{@number}-#{SecureRandom.hex(4)}"
        sign_on
        fields = {"recipe" => format(RECIPES[@random.rand(3)], name: name, n: 30 + @random.rand(600)), "units" => "metric", "title" => name}
        @soak.confirmed(name, post("/notebook", fields.merge("keep" => "new"))) or return
        stove = post("/dishes", fields) or return
        id = stove[%r{/dishes/(\d+)/}, 1] or return
        note = post("/dishes/#{id}/finish", {"verdict" => "right", "texture" => texture(id), "change" => "made #{name}"}) or return
        @soak.confirmed("made #{name}", note)
        get("/notebook")
        sleep 0.2 * @random.rand
      end

      # As the page offers it.
      def texture(id) = get("/dishes/#{id}/finish")&.body.to_s[/name="texture".*?<option value="([^"]*)"/m, 1].to_s

      def sign_on
        page = get("/swap") or return
        @token = page.body[/name="authenticity_token" value="([^"]+)"/, 1] || @token
      end

      # @return [String, nil] where a confirmed write leads to
      def post(path, fields)
        body = URI.encode_www_form(fields.merge("authenticity_token" => @token))
        answer = ask { |http| http.post(path, body, headers) }
        answer["location"] if answer&.code == "303"
      end

      def get(path) = ask { |http| http.get(path, headers) }
      def headers = {"cookie" => @cookie.to_s, "x-restauro-form" => "cook-#{@number}"}

      def ask(&request)
        @soak.timed { Net::HTTP.start("127.0.0.1", @soak.port, open_timeout: 5, read_timeout: 30, &request) }.tap do |answer|
          @cookie = answer["set-cookie"][/[^;]+/] if answer && answer["set-cookie"]
        end
      end
    end

    attr_reader :port

    def initialize(seconds, cooks)
      @seconds, @count = seconds, cooks
      @confirmed, @times, @sizes, @away, @kills = {}, [], [], 0, []
      @lock = Mutex.new
      @port = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
    end

    # @return [Boolean] whether nothing is missing
    def run
      Dir.mktmpdir do |directory|
        File.chmod(0o755, directory)
        @home = File.join(directory, "home")
        start
        live_through
        report
      ensure
        stop
      end
    end

    def confirmed(name, location)
      id = location && location[%r{/notebook/(\d+)}, 1] or return
      @lock.synchronize { @confirmed[id] = name }
    end

    # @return [Net::HTTPResponse, nil] nil while it is away
    def timed
      started = now
      answer = yield
      @lock.synchronize { answer.code.to_i >= 500 ? @away += 1 : @times << now - started }
      answer.code.to_i >= 500 ? nil : answer
    rescue SystemCallError, IOError, Timeout::Error, Net::HTTPBadResponse
      @lock.synchronize { @away += 1 }
      sleep 0.3
      nil
    end

    private

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def start
      code = format(SERVER, File.expand_path("../app/server", __dir__), @home)
      @pid = spawn(RbConfig.ruby, "-e", code, "--", "--port", @port.to_s, out: File::NULL, err: File.join(File.dirname(@home), "log"))
      limit = now + START_S
      sleep 0.2 until up? || now > limit
      raise "the application did not start: #{File.read(File.join(File.dirname(@home), "log"))[-500..]}" unless up?
    end

    def up?
      Net::HTTP.get_response("127.0.0.1", "/more", @port).code == "200"
    rescue SystemCallError, IOError, Timeout::Error
      false
    end

    def live_through
      end_at = now + @seconds
      cooks = Array.new(@count) { |number| Thread.new { Cook.new(self, number).work(end_at) } }
      kill_in_turn(end_at)
      cooks.each(&:join)
      sleep 0.5 until up?
    end

    def kill_in_turn(end_at)
      victims = %i[database application].cycle
      while now + KILL_EVERY_S < end_at
        sleep KILL_EVERY_S / 2
        @sizes << size
        sleep KILL_EVERY_S / 2
        send(:"kill_#{victims.next}")
      end
      sleep [end_at - now, 0].max
      @sizes << size
    end

    def kill_database
      @kills << :database
      Process.kill("KILL", File.readlines(File.join(@home, "data", "postmaster.pid")).first.to_i)
    rescue SystemCallError
      nil
    end

    def kill_application
      @kills << :application
      Process.kill("KILL", @pid)
      Process.wait(@pid)
      start
    end

    # kB of the application and its workers.
    def size = `ps -o rss=,args= -A`.lines.grep(/restauro (?:worker|nursery)|puma .*:#{@port}\)/).sum(&:to_i)

    def report
      missing = @confirmed.reject { |id, name| there?(id, name) }
      sorted = @times.sort
      puts "#{@times.length} answers, #{@away} while it was away; kills: #{@kills.tally.map { |what, count| "#{what} #{count}" }.join(", ")}"
      puts format("median %.0f ms, 95 %% under %.0f ms, worst %.1f s", 1000 * sorted[sorted.length / 2], 1000 * sorted[(sorted.length * 0.95).floor], sorted.last)
      puts "kB of the processes: #{@sizes.join(", ")}"
      puts "#{@confirmed.length} writes confirmed, #{missing.length} missing#{": #{missing.first(5)}" if missing.any?}"
      missing.empty?
    end

    def there?(id, name)
      page = Net::HTTP.get_response("127.0.0.1", "/notebook/#{id}", @port)
      page.code == "200" && CGI.unescapeHTML(page.body).include?(name)
    end

    def stop
      Process.kill("TERM", @pid)
      Process.wait(@pid)
    rescue SystemCallError
      nil
    end
  end
end

exit Restauro::Soak.new(Integer(ARGV[0] || 300), Integer(ARGV[1] || 20)).run
