require "rbconfig"
require "socket"

module Restauro
  # Starts the stand-ins that ship with the app, each in a process of its own, and starts one again that has died, on
  # its own port.
  # Call from the main thread: they go when this process goes.
  class StandIns
    PROGRAM = File.expand_path("../../devices/stand_in.rb", __dir__)
    AGAIN_S = 1.0

    attr_reader :ports

    # @param again_s [Float] how long one that has died stays away
    def initialize(kinds = %w[scale probe], again_s: 0.0)
      @again_s = again_s
      @ports = kinds.to_h { |kind| [kind, free_port] }
      @pids = {}
    end

    def start
      ports.each_key { |kind| spawn(kind) }
      @watch = Thread.new { loop { sleep(AGAIN_S) && raise_again(ports.each_key.reject { |kind| alive?(kind) }) } }
      self
    end

    def stop
      @watch&.kill
      @pids.each_value { |pid| Process.kill("TERM", pid) && Process.wait(pid) }
    rescue Errno::ESRCH, Errno::ECHILD
      nil
    end

    def pid(kind) = @pids[kind]

    private

    def raise_again(dead)
      return if dead.empty?

      sleep @again_s
      dead.each { |kind| spawn(kind) }
    end

    def free_port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }

    def spawn(kind)
      command = [RbConfig.ruby, PROGRAM, kind, "--port", ports.fetch(kind).to_s]
      command = ["setpriv", "--pdeathsig=TERM", "--", *command] if File.executable?("/usr/bin/setpriv")
      plain = {"RUBYOPT" => nil, "BUNDLE_GEMFILE" => nil}
      @pids[kind] = Process.spawn(plain, *command, in: File::NULL, out: File::NULL, err: File::NULL, pgroup: true)
    end

    def alive?(kind) = Process.wait(@pids[kind], Process::WNOHANG).nil?
  end
end
