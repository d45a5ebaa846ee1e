require_relative "../support/web"

RSpec.describe Restauro::PasscodeGate do
  include WebHelpers

  let(:app) do
    services =
      Restauro::Services.on(TestDatabase.connection, clock: -> { TestDatabase::CLOCK_START }, passcode: "12345678")
    Restauro::Web.with(services, secret: "p" * 64, lan: true)
  end

  def try(code, address = "192.0.2.1") =
    post("/passcode", {"passcode" => code, "authenticity_token" => token}, "REMOTE_ADDR" => address)
  def enter
    visit("/swap")
    try("1234 5678")
  end

  it "shows nothing without the passcode" do
    visit("/notebook")
    expect([last_response.status, last_response.body]).to match([401, satisfy { |body| !body.include?("entries") }])
  end

  it "lets in who types it" do
    enter
    expect(visit("/swap").status).to eq 200
  end

  it "puts one device out, and leaves the other in" do
    enter
    visit("/let-in")
    expect([text_of(".trials li").length, text_of(".trials li").first, text_of(".hint").join]).to match(
      [1, /a computer at 192.0.2.1 \(this one\)/, /plain HTTP/]
    )
    other = Rack::Test::Session.new(app)
    other.header("Host", "127.0.0.1")
    page = Nokogiri.HTML5(other.get("/swap").body)
    other.post(
      "/passcode",
      "passcode" => "12345678",
      "authenticity_token" => page.at_css("input[name=authenticity_token]")["value"]
    )
    expect(other.get("/more").status).to eq 200
    post "/let-in/out", "device" => self.page.at_css("button[name=device]")["value"], "authenticity_token" => token
    expect([visit("/more").status, other.get("/more").status]).to eq [401, 200]
  end

  describe "against a guesser" do
    waits = []
    let(:gate) do
      described_class.new(
        ->(_env) { [200, {}, ["in"]] },
        "12345678",
        Restauro::LetIn.new,
        wait: ->(seconds) { waits << seconds }
      )
    end

    def ask(code, address) =
      gate.call(
        Rack::MockRequest.env_for("/passcode", method: "POST", params: {"passcode" => code}).merge(
          "REMOTE_ADDR" => address,
          "rack.session" => {}
        )
      ).first

    it "makes its own address wait at each further try, no other's, and lets the right one through" do
      waits.clear
      expect(Array.new(8) { ask("0", "192.0.2.1") }.uniq + waits).to eq [401]
      expect([ask("0", "192.0.2.1"), ask("12345678", "192.0.2.9"), waits]).to eq [
        401,
        303,
        [described_class::SLOW_SECONDS]
      ]
      expect([ask("12345678", "192.0.2.1"), waits.length]).to eq [303, 2]
    end

    it "looks at one slow try of an address at a time" do
      8.times { ask("0", "192.0.2.1") }
      second = nil
      gate.instance_variable_set(:@wait, ->(_) { second ||= ask("0", "192.0.2.1") })
      expect([ask("0", "192.0.2.1"), second]).to eq [401, 429]
    end
  end
end

# What is open before the passcode is the styles and the icon, and nothing that only begins like them.
RSpec.describe Restauro::PasscodeGate, "open paths" do
  {
    "/css/app.css" => true,
    "/icon.svg" => true,
    "/fonts/x.woff2" => true,
    "/cssnotebook" => false,
    "/icon.svg/notebook" => false,
    "/notebook/css/app.css" => false,
    "/notebook" => false
  }.each do |path, open|
    it("#{path} is #{open ? "open" : "shut"}") { expect(Restauro::PasscodeGate::OPEN_PATHS.match?(path)).to be open }
  end
end
