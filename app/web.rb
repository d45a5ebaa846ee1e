require "sinatra/base"
require "erubi"
require "json"
require "rack/protection"
require_relative "parts"

module Restauro
  # Papers to print. Their library is loaded when the first is asked for.
  module Documents
    autoload :Card, File.join(__dir__, "documents", "card")
    autoload :FridgeCard, File.join(__dir__, "documents", "fridge_card")
    autoload :JarLabels, File.join(__dir__, "documents", "jar_labels")
    autoload :MealSheet, File.join(__dir__, "documents", "meal_sheet")
    autoload :PlateSheet, File.join(__dir__, "documents", "plate_sheet")
  end

  # The pages. Rooms are in routes/; this is what they share: safety of the connection, errors, helpers.
  class Web < Sinatra::Base
    POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; connect-src 'self'; " \
      "form-action 'self'; base-uri 'none'; frame-ancestors 'none'".freeze
    HEADERS =
      {"content-security-policy" => POLICY, "x-content-type-options" => "nosniff", "referrer-policy" => "same-origin",
       "x-frame-options" => "DENY", "cross-origin-opener-policy" => "same-origin", "cross-origin-resource-policy" => "same-origin",
       "permissions-policy" => "camera=(), microphone=(), geolocation=()"}.freeze

    DISK_FULL =
      "The disk is full: nothing was written. What you typed is still in the page before this one; make room, then send it again.".freeze

    set :environment, :production
    set :root, __dir__
    # Every room has its own views, beside what makes their contents; what all share stands first.
    set :views, Dir[File.join(__dir__, "{shared,*}", "views")].uniq
    set :public_folder, File.join(ROOT, "public")
    set :static_cache_control, [:no_cache]
    set :erb, escape_html: true
    set :show_exceptions, false
    set :raise_errors, false
    set :dump_errors, false
    set :sessions, false # set up below, with its secret
    set :protection, false # likewise
    set :host_authorization, {}
    set :services, nil

    # @param services [Services]   @param secret [String] at least 64 bytes
    # @param lan [Boolean] open to the home network
    # @param pool [Workers::Pool, nil] for what takes longer; nil where it is worked out here
    # @return [#call] the Rack application
    def self.with(services, secret:, lan: false, pool: nil)
      web = Class.new(self) do
        serve(services, lan)
        use RequestLimits
        use Rack::Session::Cookie, key: "restauro", secret: secret, same_site: :lax, httponly: true,
          expire_after: 90 * 86_400
        use KeptToken
        set :let_in, LetIn.new
        use PasscodeGate, services.passcode, let_in if services.passcode
        use Workers::HeavyWork, pool if pool
      end
      web.new
    end

    # In a worker: the session and the fields of a request were read and checked before it came.
    def self.within(services, lan:) = Class.new(self) { serve(services, lan) }.new

    def self.serve(services, lan)
      set :services, services
      set :host_authorization, {permitted_hosts: lan ? [] : ["localhost", "127.0.0.1", "[::1]"]}
    end

    helpers ViewHelpers, PickHelpers
    register FrontRoutes, TableRoutes, MealRoutes, PracticeRoutes, CardRoutes, DishRoutes, CounterRoutes, SwapRoutes,
             SauceRoutes, StoveRoutes, LearntRoutes, NotebookRoutes,
             CupboardRoutes, MadeRoutes, LabelRoutes, MeasureRoutes, BlendRoutes

    before do
      FormText.clean_all!(params)
      headers HEADERS
      cache_control :no_store
    end

    # Degrees as this house reads them, on every page alike.
    after do
      next unless response.content_type.to_s.match?(%r{\A(?:text/html|\z)}) && preferences.fahrenheit?

      body [Presenters::Degrees.page(response.body.join)]
    end

    error(NotFound, Sinatra::NotFound) { problem 404, env["sinatra.error"] }
    error(Sinatra::BadRequest) { problem 400, "What was sent cannot be read. Go back and send it again." }
    error(InvalidInput) { problem 422, env["sinatra.error"] }
    error(Sequel::DatabaseError, Sequel::PoolTimeout) do
      warn "database: #{env["sinatra.error"].message.lines.first}"
      next problem 507, DISK_FULL if env["sinatra.error"].message.match?(/DiskFull|No space left on device/)

      problem 503, "The notebook's database does not answer. " \
                   "What you typed is still in this page: try again in a moment."
    end
    error do
      error = env["sinatra.error"]
      warn "#{error.class}: #{error.message}\n#{Array(error.backtrace).first(8).join("\n")}"
      problem 500, "Something went wrong here, and it is our mistake. " \
                   "What you typed is still in the page before this one."
    end

    helpers do
      # A view by its name, in whichever room it stands.
      def find_template(views, name, engine, &found) =
        Array(views).each { |folder| super(folder, name, engine, &found) }
      def services = settings.services
      def h(text) = ERB::Util.html_escape(text)
      def preferences
        @preferences ||= services.household.preferences
      rescue Sequel::Error
        Preferences.of(nil)
      end

      def format_of = @format_of ||= Presenters::HouseFormat.new(preferences)
      def csrf_field =
        "<input type=\"hidden\" name=\"authenticity_token\" value=\"#{h(Rack::Protection::AuthenticityToken.token(session))}\">"
      def browser_id = session[:browser] ||= SecureRandom.hex(16)

      def problem(code, error)
        status code
        message = error.is_a?(Exception) ? error.message : error
        message = "There is no such page." if error.is_a?(Sinatra::NotFound)
        erb :problem, locals: {message: message, room: nil, title: "Not quite"}
      end

      def page(view, room:, title:, **locals) = erb(view, locals: {room: room, title: title, **locals})
    end
  end
end
