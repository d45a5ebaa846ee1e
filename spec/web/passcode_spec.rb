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
    visit("/")
    post "/passcode", "passcode" => "1234 5678", "authenticity_token" => token
    expect(visit("/").status).to eq 200
  end

  it "makes a guesser wait" do
    visit("/")
    guess = -> { post "/passcode", "passcode" => "0", "authenticity_token" => token }
    9.times { guess.call }
    expect(last_response.status).to eq 429
  end
end
