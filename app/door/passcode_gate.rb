require "rack/utils"
require "erb"

module Restauro
  # Lets in who knows the passcode that bin/start --lan printed, device by device. Wrong tries make their own address
  # wait, and nobody else; the right one always goes through.
  class PasscodeGate
    OPEN_PATHS = %r{\A/(?:css/|fonts/|icon\.svg\z)}
    TRIES = 8
    FORGET_SECONDS = 60
    # How long each further try from an address waits, one at a time: eight digits would take years to go through.
    SLOW_SECONDS = 3
    PAGE = File.read(File.join(__dir__, "views", "passcode.erb"))

    # @param devices [LetIn] that were let in   @param wait [#call] waits so many seconds
    def initialize(app, passcode, devices, wait: ->(seconds) { sleep seconds })
      @app = app
      @passcode = passcode
      @devices = devices
      @wait = wait
      @wrong = Hash.new { |all, address| all[address] = [] }
      @slowed = {}
      @lock = Mutex.new
    end

    def call(env)
      request = Rack::Request.new(env)
      return @app.call(env) if OPEN_PATHS.match?(request.path_info) || passed?(env["rack.session"])
      return check(request, env) if request.post? && request.path_info == "/passcode"

      page(env, nil, 401)
    end

    private

    def passed?(session) = session[:passed] == @passcode && @devices.seen(session[:device])

    def check(request, env)
      return page(env, "One try at a time: wait for the one before.", 429) unless (turn = turn(request.ip))

      @wait.call(SLOW_SECONDS) if turn == :slow
      unless Rack::Utils.secure_compare(request.params["passcode"].to_s.delete("^0-9"), @passcode)
        return wrong(request, env)
      end

      env["rack.session"][:passed] = @passcode
      env["rack.session"][:device] = @devices.let_in(request.user_agent.to_s, request.ip)
      [303, {"location" => "/"}, []]
    ensure
      @lock.synchronize { @slowed.delete(request.ip) } if turn == :slow
    end

    def wrong(request, env)
      @lock.synchronize { @wrong[request.ip] << now }
      page(env, "That is not the passcode printed where Restauro was started.", 401)
    end

    # @return [Symbol, nil] :at_once; :slow after many wrong ones of the last minute; nil while such a one is being
    #   looked at
    def turn(address)
      @lock.synchronize do
        @wrong.each_value { |tries| tries.reject! { |at| at < now - FORGET_SECONDS } }
        @wrong.reject! { |_, tries| tries.empty? }
        next :at_once if @wrong.fetch(address, []).length < TRIES
        next if @slowed[address]

        @slowed[address] = true
        :slow
      end
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def page(env, message, status)
      token = Rack::Protection::AuthenticityToken.token(env["rack.session"])
      body = ERB.new(PAGE).result_with_hash(message: message, token: token)
      [status, {"content-type" => "text/html; charset=utf-8", "cache-control" => "no-store", **Web::HEADERS}, [body]]
    end
  end
end
