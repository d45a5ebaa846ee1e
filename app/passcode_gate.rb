require "rack/utils"
require "erb"

module Restauro
  # Lets in who knows the passcode that bin/start --lan printed. Wrong tries make their own address wait, and nobody else.
  class PasscodeGate
    OPEN_PATHS = %r{\A/(?:css/|fonts/|icon\.svg\z)}
    TRIES = 8
    WAIT_SECONDS = 60
    PAGE = File.read(File.join(__dir__, "views", "passcode.erb"))

    def initialize(app, passcode)
      @app = app
      @passcode = passcode
      @wrong = Hash.new { |all, address| all[address] = [] }
      @lock = Mutex.new
    end

    def call(env)
      request = Rack::Request.new(env)
      return @app.call(env) if env["rack.session"][:passed] == @passcode || OPEN_PATHS.match?(request.path_info)
      return check(request, env) if request.post? && request.path_info == "/passcode"

      page(env, nil, 401)
    end

    private

    def check(request, env)
      return page(env, "Too many tries from here. Wait a minute.", 429) if tries(request.ip) >= TRIES

      unless Rack::Utils.secure_compare(request.params["passcode"].to_s.delete("^0-9"), @passcode)
        @lock.synchronize { @wrong[request.ip] << now }
        return page(env, "That is not the passcode printed where Restauro was started.", 401)
      end

      env["rack.session"][:passed] = @passcode
      [303, {"location" => "/"}, []]
    end

    # Wrong ones of the last minute from an address.
    def tries(address)
      @lock.synchronize do
        @wrong.each_value { |tries| tries.reject! { |at| at < now - WAIT_SECONDS } }
        @wrong.reject! { |_, tries| tries.empty? }
        @wrong.fetch(address, []).length
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
