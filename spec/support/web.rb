require "nokogiri"
require "rack/test"
require_relative "database"
require_relative "../../app/web"

# The pages over the test database, without a browser.
module WebHelpers
  include Rack::Test::Methods

  SERVICES = Restauro::Services.on(TestDatabase.connection, clock: -> { TestDatabase::CLOCK_START })
  APP = Restauro::Web.with(SERVICES, secret: "t" * 64)

  def app = APP
  def page = Nokogiri.HTML5(last_response.body)
  def text_of(selector) = page.css(selector).map { |node| node.text.gsub(/\s+/, " ").strip }
  def token = page.at_css("input[name=authenticity_token]")["value"]

  def visit(path)
    header "Host", "127.0.0.1"
    get path
    last_response
  end

  # Sends a form with a token, after a page has been seen.
  def send_form(path, fields = {}, env = {})
    visit("/swap") unless @seen
    @seen = true
    @token ||= token
    post path, fields.merge("authenticity_token" => @token), env
    last_response
  end

  def swap_fields(**changes) =
    Restauro::SwapInput.new(Restauro::Demo.first_sauce).state.merge(changes.transform_keys(&:to_s))
end

RSpec.configure do |config|
  config.include WebHelpers, :web
  config.around(:each, :web) do |example|
    TestDatabase.connection.transaction(rollback: :always, auto_savepoint: true) { example.run }
  end
end
