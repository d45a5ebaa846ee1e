RSpec.describe "Paper", :web do
  it "labels for jars say what, when, of what, and what is in it" do
    WebHelpers::SERVICES.packs.add(key: "white_rice_flour", grams_left: 500, grams_full: 500)
    WebHelpers::SERVICES.packs.add(key: "corn_starch", grams_left: 500, grams_full: 500)
    WebHelpers::SERVICES.packs.mix({"white_rice_flour" => 300.0, "corn_starch" => 100.0}, name: "boat blend")
    visit("/cupboard/labels.pdf")
    expect([last_response.status, last_response.body[0, 4]]).to eq [200, "%PDF"]
    visit("/cupboard")
    expect(page.css("a[href^='/cupboard/labels.pdf']").length).to eq 2
  end

  it("without a jar it says what to do") do
    visit("/cupboard/labels.pdf").then do
      expect([last_response.status, last_response.body]).to match([422, /no jar to label/])
    end
  end

  it "the ring sheet is drawn for A4 and for Letter" do
    sizes =
      ["", "?paper=letter"].map do |query|
        visit("/plate-test.pdf#{query}").then { last_response.body[%r{/MediaBox \[0 0 ([\d.]+ [\d.]+)}, 1] }
      end
    expect(sizes).to eq ["595.28 841.89", "612 792"]
  end

  it "a code stands on a card only where a phone can follow it" do
    card = ->(address) do
      Restauro::Documents::Card.new(
        {title: "Gravy", thickeners: [], parts: [], rows: [], warnings: [], method: []},
        address
      ).render
    end
    squares = lambda(&:bytesize)
    expect(squares[card["http://192.0.2.7:9292/notebook/1"]]).to be > 1.2 * squares[card[nil]]
  end
end
