RSpec.describe "The pages of batters and crumb coats" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  batter = "Corn-fritter batter\n120 g flour\n180 ml milk\n1 egg\n1 tsp baking powder\n1/2 tsp salt"
  coat =
    "Celeriac schnitzels in a crumb coat\n800 g celeriac, in 12 mm slices\n4 tbsp plain flour\n2 eggs\n150 g " \
"breadcrumbs"

  it "tell a batter, solve its liquid and draw the ladder" do
    send_form("/swap", swap_fields(recipe: batter, flour: "chickpea_flour"), live)
    expect(
      [text_of(".big").first, text_of(".how").first, page.css(".ladder").length, page.at_css("#change")["data-live-on"]]
    ).to match([/120 g chickpea flour/, /With \d+ g whole milk, then up to \d+ g more by feel/, 1, "batter"])
    expect(text_of("#answer").first).to match(/gas: \d+ mL in 100 g of batter/)
  end

  it "reach another rung" do
    send_form("/swap", swap_fields(recipe: batter, flour: "white_rice_flour", rung: "thick_coat"), live)
    expect([text_of(".how").first, text_of("#answer").first]).to match(
      [/clings thickly/, /what the flour holds: 2\.[01] \(thick coat\)/]
    )
  end

  it "draw the section of a coated piece, with when it is crisp, done and golden" do
    send_form("/swap", swap_fields(recipe: batter, piece: "celeriac slice 12 mm", oven: "200C"), live)
    expect([page.at_css(".section-picture")["aria-label"], text_of(".steps").first]).to match(
      [/crisp at \d+ min, done at \d+ min, golden at \d+ min/, /Bake at 200 °C; turn at half time/]
    )
  end

  it "swap a crumb coat for the pieces there are" do
    send_form(
      "/swap",
      swap_fields(recipe: coat, piece: "celeriac slice 12 mm", oven: "190C fan", crumb: "crushed_corn_flakes"),
      live
    )
    expect(
      [text_of(".big").first, text_of(".how").first, page.css(".layers").map { |svg| svg["aria-label"] }]
    ).to match(
      [/corn flakes/, /10 pieces/, [/wheat: .*wheat breadcrumbs/, /ours: .*corn flakes/].map { |words| match(words) }]
    )
  end

  it "fry in the fat there is, in batches, and say when it smokes" do
    send_form(
      "/swap",
      swap_fields(
        recipe: coat.sub("800 g celeriac, in 12 mm slices", "12 slices celeriac, 10 mm"),
        oil: "185C olive oil 2 litres"
      ),
      live
    )
    expect([text_of(".how").first, text_of(".steps").first, text_of("#answer").first]).to match(
      [/12 pieces/, /Fry at most 3 pieces at a time.*: 4 batches/, /Unrefined olive oil smokes from about 185/]
    )
  end

  it "fill the tin there is" do
    send_form(
      "/swap",
      swap_fields(
        recipe: "Chive muffins\n220 g flour\n2 tsp baking powder\n240 ml milk\n2 eggs\n60 g butter",
        tin: "mini"
      ),
      live
    )
    expect(text_of(".steps").first).to match(/\d+ g in each of \d+ mini muffin cups/)
  end

  it "keep and open a batter as it was" do
    send_form(
      "/notebook",
      swap_fields(recipe: batter, flour: "chickpea_flour", piece: "celeriac slice 12 mm", oven: "200C").merge(
        "keep" => "new"
      )
    )
    id = WebHelpers::SERVICES.kept_swaps.list.first.id
    visit("/notebook/#{id}")
    expect([page.css(".ladder").length, page.css(".section-picture").length, text_of(".big").first]).to match(
      [1, 1, /chickpea/]
    )
    send_form("/notebook/#{id}/open")
    visit("/swap")
    expect(page.at_css("input[name=piece]")["value"]).to eq "celeriac slice 12 mm"
    visit("/notebook")
    expect(text_of(".entry-answer").first).to match(/120 g chickpea flour · fritter · medium coat/)
  end

  it "mend a batter that is too thick, and know what else goes wrong" do
    send_form("/swap", swap_fields(recipe: batter, flour: "white_rice_flour"))
    send_form("/rescue", {"rung" => "spoonable"}, live)
    expect(text_of(".move .advice").first).to match(/Whisk in \d+ mL whole milk/)
    send_form("/rescue", {"trouble" => "slides"}, live)
    expect(text_of(".trouble").first).to match(/Dry the pieces/)
  end

  {
    {piece: "celeriac"} => /celeriac slice 12 mm/,
    {piece: "celeriac slice 12 mm", oven: "hot"} => /gas 6/,
    {piece: "cod fillet 18 mm", oil: "hot"} => /180C/,
    {flour: "wheat_flour"} => /gluten/,
    {oil: "260C", piece: "cod fillet 18 mm"} => /140 to 200/
  }.each do |change, words|
    it("say what to type for #{change}") do
      send_form("/swap", swap_fields(recipe: batter, **change), live).then do
        expect(text_of(".problem").first).to match(words)
      end
    end
  end

  it "say a warning once, and how long it takes over no list" do
    dish = "Fried fish\nPrep time: 15 minutes\n4 cod fillets\n60 g flour\n1 tsp paprika\n1 tsp cayenne\nFry it."
    send_form("/swap", swap_fields(recipe: dish), live)
    expect(text_of(".warnings .warning").tally.values.uniq).to eq [1]
    expect(page.css("td, th, h3, h4, li").map(&:text).join).not_to include("Prep time")
  end

  it "ask where words alone could tell, and take the answer" do
    unsure = "60 g flour\n230 ml milk\n5 g butter"
    send_form("/swap", swap_fields(recipe: unsure), live)
    expect(text_of(".problem").first).to match(/sauce or batter: say which/)
    send_form("/swap", swap_fields(recipe: unsure, family: "batter"), live)
    expect(page.css(".ladder").length).to eq 1
  end
end
