require "etc"
require "fileutils"
require "securerandom"
require "socket"

module Restauro
  module Database
    # A PostgreSQL server of our own on loopback: made, started, found again and stopped. As root it runs as the
    # postgres user.
    #
    #   DIRECTORY/data      the cluster         DIRECTORY/port      remembered, changed when taken
    #   DIRECTORY/password  scram, mode 0600    DIRECTORY/log       what the server says
    class Cluster
      USER = "restauro".freeze
      READY_SECONDS = 30
      LAUNCH_SECONDS, WAIT_S = 45, 0.3
      PORT_TAKEN = /Address already in use|could not bind|could not create any TCP/i
      KEEP_S = 1.0

      class Failed < StandardError; end

      # Where a user's own data lives: outside the clone, so that cleaning the clone does not lose it.
      def self.home
        return "/var/lib/restauro" if Process.uid.zero?

        File.join(ENV["XDG_DATA_HOME"] || File.join(Dir.home, ".local", "share"), "restauro")
      end

      # @param directory [String]   @param durable [Boolean] false only for tests: faster, and lost in a power cut
      def initialize(directory, durable: true)
        @directory = directory
        @durable = durable
        @server_user = Process.uid.zero? ? Etc.getpwnam("postgres") : nil
      end

      # Starts the server, or finds it running. Call from the main thread: the server goes when this process goes.
      # @return [Hash] connection options for Sequel
      def start
        made_once
        return connection if found_running?

        clear_stale_lock
        launch
        connection
      end

      # Starts the server again whenever it has died under us, and takes one over that was another's and is gone with
      # it. The thread lives as long as this process does.
      # @yield [Hash] connection options, each time it was started anew
      def keep
        @keeper ||= Thread.new do
          loop do
            sleep KEEP_S
            next unless @pid ? died? : gone?

            revive
            yield connection if block_given?
          rescue Failed, SystemCallError => e
            warn "database: #{e.message.lines.first}"
          end
        end
      end

      def stop
        @keeper&.kill
        @keeper = nil
        return unless @pid

        Process.kill("INT", @pid)
        Process.wait(@pid)
      rescue Errno::ESRCH, Errno::ECHILD
        nil
      ensure
        @pid = nil
      end

      def connection(database: USER)
        {adapter: "postgres", host: "127.0.0.1", port: port, user: USER, password: password, database: database}
      end

      private

      def died?
        !Process.wait(@pid, Process::WNOHANG).nil?
      rescue Errno::ECHILD
        true
      end

      # A server that another process started.
      def gone? = Array.new(2) { answers? }.none?

      def revive
        clear_stale_lock
        launch
      end

      # Two that start at once make it once: the second waits, and finds it made.
      def made_once
        FileUtils.mkdir_p(@directory, mode: 0o755)
        File.open(path("making"), File::RDWR | File::CREAT, 0o600) do |lock|
          lock.flock(File::LOCK_EX)
          make unless File.exist?(path("data", "PG_VERSION"))
        end
      end

      def path(*parts) = File.join(@directory, *parts)

      def password
        File.read(path("password")).strip.tap { |text| raise Failed, NO_PASSWORD % path("password") if text.empty? }
      rescue Errno::ENOENT
        raise Failed, NO_PASSWORD % path("password")
      end
      NO_PASSWORD =
        "the database's password is gone from %s: put that file back from a backup of the home, or start with another home and bring " \
                    "a nightly archive in".freeze

      # A torn file is as good as none.
      def port
        Integer(File.read(path("port")), exception: false) || remember_port(free_port)
      rescue Errno::ENOENT
        remember_port(free_port)
      end
      def binary(name)
        Dir["/usr/lib/postgresql/*/bin/#{name}"].max || raise(Failed, "PostgreSQL is not installed: run bin/setup")
      end
      def free_port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }

      def remember_port(number)
        File.write(path("port"), number.to_s)
        number
      end

      # As root every command of the server runs as its own user.
      def as_server(*command)
        return command unless @server_user

        ["setpriv", "--reuid=postgres", "--regid=postgres", "--init-groups", "--reset-env", "--", *command]
      end

      def make
        FileUtils.rm_rf(path("data")) # half made
        write_password
        FileUtils.mkdir(path("data"), mode: 0o700)
        FileUtils.chown("postgres", "postgres", path("data")) if @server_user
        initdb
      end

      def write_password
        File.open(path("password"), File::WRONLY | File::CREAT | File::TRUNC,
                  0o600) { |file| file.puts(SecureRandom.hex(24)) }
      end

      def initdb
        secret = path("initdb-password")
        File.open(secret, File::WRONLY | File::CREAT | File::TRUNC, 0o600) { |file| file.puts(password) }
        FileUtils.chown("postgres", "postgres", secret) if @server_user
        command = as_server(binary("initdb"), "-D", path("data"), "-U", USER, "-E", "UTF8", "--locale=C.UTF-8",
                            "--auth=scram-sha-256", "--pwfile=#{secret}")
        return if system(*command, out: path("log"), err: %i[child out], chdir: "/")

        FileUtils.rm_rf(path("data"))
        raise Failed, "the database could not be made: #{last_words}. Every directory above #{@directory} must let " \
                      "the server's user pass."
      ensure
        FileUtils.rm_f(secret)
      end

      # What an old server's last backend still holds is waited for; only a port that another program has is left for
      # another.
      def launch
        deadline = now + LAUNCH_SECONDS
        while now < deadline
          spawn_server
          return if wait_until_ready

          reap
          remember_port(free_port) if last_words.match?(PORT_TAKEN)
          sleep WAIT_S
        end
        raise Failed, "PostgreSQL did not start: #{last_words}"
      end

      def spawn_server
        command =
          ["setpriv", "--pdeathsig=INT", *(@server_user ? as_server.drop(1) : ["--"]), binary("postgres"), "-D",
           path("data"), *settings]
        @pid =
          Process.spawn(*command, in: File::NULL, out: [path("log"), "w"], err: %i[child out], pgroup: true, chdir: "/")
      end

      def settings
        pairs =
          {"port" => port, "listen_addresses" => "127.0.0.1", "unix_socket_directories" => "", "max_connections" => 40}
        pairs.merge!("fsync" => "off", "synchronous_commit" => "off", "full_page_writes" => "off") unless @durable
        pairs.flat_map { |name, value| ["-c", "#{name}=#{value}"] }
      end

      def wait_until_ready
        deadline = now + READY_SECONDS
        while now < deadline
          return true if answers?
          return false if Process.wait(@pid, Process::WNOHANG)

          sleep 0.05
        end
        false
      rescue Errno::ECHILD
        false
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def reap
        Process.kill("INT", @pid)
        Process.wait(@pid)
      rescue Errno::ESRCH, Errno::ECHILD
        nil
      end

      # A server whose owner was killed a moment ago still answers while it shuts down: ask twice.
      def found_running?
        return false unless answers?

        sleep 0.5
        answers?
      end

      # Whether our own server is there: it must take our password.
      def answers?
        return false unless File.exist?(path("port"))

        require "pg"
        PG.connect(host: "127.0.0.1", port: port, user: USER, password: password, dbname: "postgres",
                   connect_timeout: 3).close
        true
      rescue PG::Error
        false
      end

      # After a crash the lock may name a process that is gone, or one that is not ours.
      def clear_stale_lock
        lock = path("data", "postmaster.pid")
        20.times do
          return unless File.exist?(lock)

          pid = File.foreach(lock).first.to_i
          return FileUtils.rm_f(lock) unless ours?(pid)

          sleep 0.25
        end
      end

      def ours?(pid)
        File.realpath("/proc/#{pid}/cwd") == File.realpath(path("data"))
      rescue SystemCallError
        false
      end

      def last_words =
        File.exist?(path("log")) ? File.read(path("log"), encoding: "UTF-8").scrub.lines.last(3).join(" ").strip :
                                   "no log"
    end
  end
end
