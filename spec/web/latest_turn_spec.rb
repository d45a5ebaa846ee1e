require_relative "../support/web"

RSpec.describe Restauro::LatestTurn do
  subject(:turns) { described_class.new }

  it("lets an older change of the same browser go, and no other's") do
    expect(
      [
        turns.stale?("a", "5"),
        turns.stale?("a", "7"),
        turns.stale?("a", "6"),
        turns.stale?("b", "1"),
        turns.stale?("a", "7")
      ]
    ).to eq [false, false, true, false, false]
  end

  it("works out what a browser sends whose clock was set back") do
    expect(%w[900000 100000 100001].map { |turn| turns.stale?("a", turn) }).to eq [false, false, false]
  end

  it("works out what comes without a number") do
    expect([turns.stale?("a", nil), turns.stale?("a", "soon")]).to eq [false, false]
  end

  it "on the page answers an older change with nothing" do
    send_form(
      "/swap",
      swap_fields(recipe: "30 g flour\n500 ml milk").merge("turn" => "20"),
      {"HTTP_X_RESTAURO_LIVE" => "1"}
    )
    expect(last_response.status).to eq 200
    send_form(
      "/swap",
      swap_fields(recipe: "40 g flour\n500 ml milk").merge("turn" => "19"),
      {"HTTP_X_RESTAURO_LIVE" => "1"}
    )
    expect([last_response.status, last_response.body]).to eq [204, ""]
  end
end
