require "rack/test"
require_relative "../app/web"

module Restauro
  # Requests that no page sends: every route, its fields holding whatever comes, from a seed.
  class Fuzzing
    include Rack::Test::Methods

    # status 5xx, or slow: what a request was and what came of it
    Fault = Struct.new(:verb, :path, :fields, :status, :seconds)
    SLOWEST_S = 2.0
    FIELDS = (SwapInput::FIELDS + RescueInput::FIELDS + %w[q page mark eater yes do room version verdict texture side change note dish dishes serve_at start lesson step
                                                           learner name diets key grams_left grams_full price opened_on sold_in label_text heat pan_cm water from to seconds
                                                           set reads line text units degrees currency pick open turn kept_id because plate_mm file zone ending paper]).uniq.freeze
    TEXTS = ["", " ", "0", "-1", "1e309", "NaN", "½", "3 cups flour\n2 eggs", "30 g flour\n30 g butter\n500 ml milk", "Gnocchi\n800 g potatoes\n200 g flour\n1 egg",
             "Tart\n200 g flour\n100 g butter\n\nFilling:\n3 eggs\n200 ml cream\nBake at 190 C", "<script>alert(1)</script>", "'; drop table packs; --", "%00", "../../etc/passwd",
             "[]", "{\"@type\":\"Recipe\",\"recipeIngredient\":[\"1 cup flour\"]}", "null", "\u202E\u200B", "\xff\xfe".b, "é" * 300, "9" * 40, "keep", "roux", "right", "step:2", "done:1",
             "200C fan", "gas 99", "26 cm round 3 cm deep", "celeriac slice 10 mm", "1/0 cup flour", "10000000 kg flour\n1 ml milk"].freeze
    IDS = ["1", "2", "7", "0", "999999", "99999999999", "abc", "-3", "%2e%2e"].freeze

    # @param app [#call] the Rack application   @param seed [Integer]
    def initialize(app, seed:)
      @app = app
      @random = Random.new(seed)
      @routes = Web.routes.slice("GET", "POST").flat_map { |verb, routes| routes.map { |pattern, *| [verb, pattern.to_s] } }.uniq
      header "Host", "127.0.0.1"
    end

    attr_reader :app, :routes

    # @return [Array<Fault>] none, if all is well
    def run(count) = Array.new(count) { |index| request(index) }.compact

    private

    def pick(list) = list[@random.rand(list.length)]

    # Every route comes round; now and then a path that is none.
    def request(index)
      verb, pattern = @routes[index % @routes.length]
      path = pattern.gsub(/:\w+/) { pick(IDS) }
      path = "#{path}/#{pick(IDS)}" if @random.rand(40).zero?
      fields = Array.new(@random.rand(8)) { [pick(FIELDS), value] }.to_h
      fields["authenticity_token"] = token if verb == "POST" && @random.rand(12).positive?
      ask(verb, path, fields)
    end

    def value
      case @random.rand(12)
      when 0 then [pick(TEXTS), pick(TEXTS)]
      when 1 then {pick(FIELDS) => pick(TEXTS)}
      else pick(TEXTS)
      end
    end

    def ask(verb, path, fields)
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      headers = @random.rand(3).zero? ? {"HTTP_X_RESTAURO_LIVE" => "1"} : {}
      verb == "GET" ? get(path, fields, headers) : post(path, fields, headers)
      seconds = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
      Fault.new(verb, path, fields, last_response.status, seconds.round(2)) if last_response.status >= 500 || seconds > SLOWEST_S
    rescue URI::Error, EncodingError
      nil # no address that a browser could send
    end

    # Seldom fetched: a page's token holds for its browser.
    def token
      @token ||= begin
        get "/more"
        get "/swap"
        last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
      end
    end
  end
end
