RSpec.describe Restauro::PasscodeGate do
  let(:app) do
    services = Restauro::Services.on(TestDatabase.connection, clock: -> { TestDatabase::CLOCK_START }, passcode: "12345678")
    Restauro::Web.with(services, secret: "p" * 64, lan: true)
  end

  it "shows nothing without the passcode" do
    visit("/notebook")
    expect([last_response.status, last_response.body]).to match([401, satisfy { |body| !body.include?("entries") }])
  end

  it "lets in who types it" do
    visit("/swap")
    post "/passcode", "passcode" => "1234 5678", "authenticity_token" => token
    expect(visit("/swap").status).to eq 200
  end

  it "makes a guesser wait" do
    visit("/swap")
    guess = -> { post "/passcode", "passcode" => "0", "authenticity_token" => token }
    9.times { guess.call }
    expect(last_response.status).to eq 429
    post "/passcode", {"passcode" => "12345678", "authenticity_token" => token}, "REMOTE_ADDR" => "192.0.2.9"
    expect(last_response.status).to eq 303
  end
end

# What is open before the passcode is the styles and the icon, and nothing that only begins like them.
RSpec.describe Restauro::PasscodeGate, "open paths" do
  {"/css/app.css" => true, "/icon.svg" => true, "/fonts/x.woff2" => true, "/cssnotebook" => false, "/icon.svg/notebook" => false, "/notebook/css/app.css" => false, "/notebook" => false}.each do |path, open|
    it("#{path} is #{open ? "open" : "shut"}") { expect(Restauro::PasscodeGate::OPEN_PATHS.match?(path)).to be open }
  end
end
