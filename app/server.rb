# Starts the database and serves the pages: what bin/start runs once everything is installed.
require "etc"
require "optparse"
require "securerandom"
require "socket"
require_relative "web"
require_relative "home"
require_relative "devices/stand_ins"
require "puma"
require "puma/configuration"
require "puma/launcher"

module Restauro
  # One Puma process that serves, and as many beside it as there are cores, that work out.
  class Server
    PORT = 9292
    # Most of them wait for a worker; those that do not share the connections.
    THREADS = 64
    CONNECTIONS = 8

    def initialize(argv)
      @lan = false
      @port = nil
      OptionParser.new do |on|
        on.on("--lan") { @lan = true }
        on.on("--port N", Integer) { |port| @port = port }
      end.parse!(argv)
    rescue OptionParser::ParseError => e
      abort "bin/start: #{e.message}; type bin/start [--port N] [--lan]"
    end

    def run
      $stdout.sync = true
      # Before anything else runs in this process.
      @nursery = Workers::Nursery.open { |path| Workers::Worker.join(path) }
      puts "  Starting PostgreSQL on loopback"
      home = Home.new(Database::Cluster.home)
      abort "bin/start: #{home.elsewhere}" unless home.take || @port
      cluster = Database::Cluster.new(Database::Cluster.home)
      @options = cluster.start
      database = Database.connect(@options, connections: CONNECTIONS)
      cluster.keep { |options| follow(database, options) }
      @home = home
      @stand_ins = StandIns.new.start
      serve(database)
    rescue Database::Cluster::Failed => e
      abort "bin/start: #{e.message}"
    ensure
      @stand_ins&.stop
      @pool ? @pool.stop : @nursery&.close
      cluster&.stop
    end

    private

    def serve(database)
      counter = Counter.with(scale: @stand_ins.ports["scale"], probe: @stand_ins.ports["probe"]).start
      port = open_port
      @address = home_addresses(port).first
      services = Services.on(database, counter: counter, passcode: passcode, address: @address)
      Demo.load(database, services)
      services.recorder.resume
      services.drafts.forget_old
      services.kept_swaps.forget_deleted
      services.kept_swaps.digest_old
      services.packs.forget_deleted
      @pool = Workers::Pool.new(@nursery, size: Etc.nprocessors, config: workers_config(@address)).start
      app = Web.with(services, secret: secret, lan: @lan, pool: @pool)
      announce(port, services.passcode)
      @home.runs_at("http://127.0.0.1:#{port}")
      back_up(database, services)
      launcher(app, port).run
    end

    def workers_config(address) = {database: @options, address: address, lan: @lan}

    # The database came back elsewhere: the pool and the workers go there too.
    def follow(database, options)
      moved = options[:port] != @options[:port]
      Database.follow(database, @options = options)
      @pool&.restart(workers_config(@address)) if moved
    end

    def passcode = @lan ? format("%08d", SecureRandom.random_number(10**8)) : nil
    def host = @lan ? "0.0.0.0" : "127.0.0.1"

    def launcher(app, port)
      configuration = Puma::Configuration.new do |config|
        config.bind "tcp://#{host}:#{port}"
        config.threads 0, THREADS
        config.workers 0
        config.environment "production"
        # Also of a body that comes in chunks, whose size is told to nobody before.
        config.http_content_length_limit RequestLimits::MOST_ARCHIVE
        config.app app
        config.quiet
      end
      Puma::Launcher.new(configuration, log_writer: Puma::LogWriter.new(StringIO.new, $stderr))
    end

    # The default port, or the next that is free; a port that was asked for, or nothing.
    def open_port
      candidates = @port ? [@port] : (PORT..(PORT + 50))
      candidates.find { |port| free?(port) } or
        abort "bin/start: port #{@port || PORT} is taken; type bin/start --port N"
    end

    def free?(port)
      TCPServer.new(host, port).close
      true
    rescue SystemCallError
      false
    end

    def announce(port, passcode)
      puts "  Port #{PORT} is taken: using #{port}" if @port.nil? && port != PORT
      puts "", "  Restauro is at  http://127.0.0.1:#{port}", ""
      return unless passcode

      home_addresses(port).each { |address| puts "  On the home network:  #{address}" }
      puts "  Passcode: #{passcode}", ""
    end

    # Where a phone in the same house finds the pages; nowhere while they are not open to it.
    def home_addresses(port)
      (@lan ? Socket.ip_address_list.select(&:ipv4_private?) : []).map { |home| "http://#{home.ip_address}:#{port}" }
    end

    # A night's archive beside the home.
    def back_up(database, services)
      directory = File.join(Database::Cluster.home, "backups")
      Archive::Nightly.new(directory, clock: Time.method(:now)) { Archive::Export.new(database, services).bytes }.keep
    end

    # Sessions live on over restarts.
    def secret
      path = File.join(Database::Cluster.home, "session_secret")
      # A torn one is made anew: browsers then sign on again.
      FileUtils.rm_f(path) if File.exist?(path) && File.size(path) < SECRET_BYTES
      return File.read(path) if File.exist?(path)

      fresh = SecureRandom.hex(SECRET_BYTES / 2)
      File.open(path, File::WRONLY | File::CREAT | File::EXCL, 0o600) { |file| file.write(fresh) }
      fresh
    end
    SECRET_BYTES = 128
  end
end

Restauro::Server.new(ARGV).run if $PROGRAM_NAME == __FILE__
