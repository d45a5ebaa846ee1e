RSpec.describe "The pages of crusts" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  tart =
    "Leek custard tart\n\nPastry:\n210 g flour\n115 g butter\n1 egg yolk\n40 ml water\n\nFilling:\n350 g leeks\n3 " \
"eggs\n200 ml cream"
  pie = "Leek pie\n1 sheet puff pastry\n1 egg, to glaze\n\nFilling:\n500 g leeks\n40 g flour\n40 g butter\n500 ml milk"
  send_crust = ->(spec, **fields) { spec.send_form("/swap", spec.swap_fields(**fields), live) }
  labels = ->(spec) { spec.page.css("svg[role=img]").map { |svg| svg["aria-label"] }.join(" | ") }

  it "tell a tart, and say its amounts, minutes and filling" do
    send_crust[self, recipe: tart, pan: "26 cm round 3 cm deep", oven: "180C fan"]
    expect([text_of(".big").first, text_of(".how").join(" "), page.at_css("#change")["data-live-on"]]).to match(
      [
        /210 g all-purpose blend/,
        /\d+ min blind, then \d+ min filled at 200 °C.*The filling, \d+ g, [\d.]+ cm deep/,
        "Pastry crust"
      ]
    )
  end

  it "say that a salad is eaten beside it" do
    send_crust[self, recipe: "#{tart}\n\nGreen salad:\n1 lettuce\n2 tbsp olive oil"]
    expect(page.text).to include("at the table, beside Pastry")
  end

  it "draw a tart's bars, its bake and its pan" do
    send_crust[self, recipe: tart, pan: "26 cm round 3 cm deep", oven: "180C fan"]
    expect(labels[self]).to match(/wheat: flour 100, fat 55/).and match(/rim golden at \d+ min/).and match(
      /26 cm across and 3 cm deep: dough 3.5 mm thick, rolled to 36 cm across/
    )
    expect(text_of("#crust-picture").first).to match(/Wheat: plain wheat flour 100, butter 55.*Ours: .*water \d+/)
    expect(page.at_css("details[data-opened]").text).to include("The same in other ovens")
  end

  it "draw the rounds of small pies, and say how many there are" do
    pies = "Mince pies\n225 g plain flour\n110 g butter\n2 tbsp water\n300 g mincemeat\nA 12-hole tin, 200C"
    send_crust[self, recipe: pies]
    expect(labels[self]).to match(/12 of them, dough [\d.]+ mm thick: rounds of 9.2 cm for the case, 7 cm for the lid/)
    expect(page.css("svg.pan-picture circle.cut").length).to eq 12
    expect(text_of("#crust-picture").first).not_to include("Say which pan")
  end

  it "draw no more rounds than can be seen, and say of how many" do
    send_crust[self, recipe: "Jam tarts\n600 g plain flour\n300 g butter\n130 ml water\n600 g jam\nMakes 36"]
    expect(labels[self]).to match(/36 of them \(24 are drawn\)/)
  end

  it "steam a suet crust: no oven is drawn, and none offered" do
    pudding = "Steak pudding\nSuet pastry\n300 g self-raising flour\n150 g suet\n200 ml water\nFilling\n" \
              "700 g stewing steak\n2 tbsp flour\n300 ml beef stock\nSteam for 4 hours"
    send_crust[self, recipe: pudding]
    expect(text_of(".how").join(" ")).to include("Steamed for 240 min.")
    expect(text_of("#crust-picture").first).not_to match(/In the oven|other ovens|The pan/)
  end

  it "say of a roll over water that it has no oven, and ask for no tin" do
    roll = "Bacon roly-poly\n200 g self-raising flour\n100 g suet\n130 ml water\n200 g bacon\nSteam for 2 hours"
    send_crust[self, recipe: roll]
    picks = text_of(".pick summary").join(" | ")
    expect(picks).to match(/Oven\s+none: over water/)
    expect(picks).not_to match(/\bPan\b/)
  end

  it "cook tortillas in a dry pan: no oven is drawn, and no pan to line" do
    send_crust[self, recipe: "Flour tortillas\n300 g plain flour\n60 g lard\n170 ml warm water\n1/2 tsp salt"]
    expect(text_of(".how").join(" ")).to include("From a hot dry pan")
    expect(text_of("#crust-picture").first).not_to match(/In the oven|other ovens|The pan/)
  end

  it "ask of tortillas for no filling, and say nothing of one" do
    send_crust[self, recipe: "Flour tortillas\n300 g plain flour\n60 g lard\n170 ml warm water\n1/2 tsp salt"]
    expect(text_of(".pick summary").join(" | ")).to match(/Crust\s+a thin crust \|/).and not_include("Filling")
    expect(text_of(".how").join(" ")).to include("It makes a soft dough that bends")
  end

  it "make tortillas by the piece, the pan in the strip of minutes" do
    send_crust[self, recipe: "Flour tortillas\n300 g plain flour\n60 g lard\n170 ml warm water\n1/2 tsp salt"]
    expect(text_of("#method").first).to match(/Divide it in 12 balls.*Stack them in a cloth/)
    expect(page.css(".time-strip .strip-name").map(&:text)).to include("heat pan 5").and not_include(/oven/)
  end

  it "work other ovens out when they are looked at, for a script and without one" do
    send_crust[self, recipe: tart, pan: "26 cm round 3 cm deep"]
    rows =
      [{}, live].map do |headers|
        get("/swap/ovens", {}, headers).then do
          page.css(".ovens tbody tr").map { |row| row.text.scan(/\d+/).map(&:to_i) }
        end
      end
    expect([rows.uniq.length, rows.first.map(&:first), rows.first.map { |row| row[1] }]).to match(
      [1, [165, 190, 220], satisfy { |minutes| minutes == minutes.sort.reverse }]
    )
    send_crust[self, recipe: "Sauce\n30 g flour\n30 g butter\n500 ml milk"]
    expect(visit("/swap/ovens").status).to eq 404
  end

  it "swap crust and filling, each by its own, in one recipe" do
    send_crust[self, recipe: pie, pan: "30x20 cm 5 cm deep", hold: "medium", filling_with: "sweet_rice_flour"]
    expect([text_of(".big").first, text_of(".how").join(" "), text_of("#as-text textarea").first]).to match(
      [/gluten-free puff pastry sheet/, /with what is made as Filling/, /puff pastry sheet.*sweet rice flour/]
    )
  end

  it "fill it with a sauce from the notebook, and keep the two as one dish" do
    send_form(
      "/notebook",
      swap_fields(
        recipe: "Caraway cream\n4 tbsp flour\n40 g butter\n450 ml milk",
        school: "slurry",
        with: "corn_starch",
        grade: "thick"
      ).merge("keep" => "new")
    )
    sauce = WebHelpers::SERVICES.kept_swaps.list.first
    send_crust[self, recipe: tart, filling_from: sauce.id.to_s]
    expect([text_of(".how").join(" "), page.css("select[name=filling_from] option").map(&:text)]).to match(
      [/It is kept as Caraway cream/, include("kept: Caraway cream")]
    )
    send_form("/notebook", swap_fields(recipe: tart, filling_from: sauce.id.to_s).merge("keep" => "new"))
    kept = WebHelpers::SERVICES.kept_swaps.list.find { |one| one.family == "crust" }
    visit("/notebook/#{kept.id}")
    expect([text_of("main").first, kept.snapshot["linked"]["id"], kept.snapshot["needs"].keys]).to match(
      [/It is kept as Caraway cream/, sauce.id, include("blend_plain", "corn_starch", "whole_milk")]
    )
    expect(kept.snapshot["needs"].keys).not_to include("heavy_cream")
  end

  it "take another school by its button, and keep it" do
    send_crust[self, recipe: tart]
    button = page.css(".other").find { |other| other.text.include?("psyllium") }
    send_crust[self, :recipe => tart, button["name"] => button["value"]]
    expect(text_of(".big").first).to match(/psyllium/)
  end

  it "forget how a dough was bound when the recipe is a crust" do
    send_crust[self, recipe: tart, bind: "root"]
    expect(text_of(".big").first).to match(/210 g/)
  end

  it "mend what cracked, and know what else goes wrong" do
    send_form("/swap", swap_fields(recipe: tart))
    send_form("/rescue", {"trouble" => "cracks"}, live)
    expect(text_of(".move .advice").first).to match(/Work in \d+ g water/)
    send_form("/rescue", {"trouble" => "soggy"}, live)
    expect(text_of(".trouble").first).to match(/lowest rack/)
  end

  {
    {pan: "big"} => /[Tt]he pan is not understood/,
    {oven: "hot"} => /gas 6/,
    {thickness: "44"} => /2 to 20 mm/,
    {filling_from: "99999"} => /[Nn]o swap 99999/,
    {flour: "wheat_flour"} => /gluten/
  }.each do |change, words|
    it("say what to type for #{change}") do
      send_crust[self, recipe: tart, **change].then { expect(text_of(".problem").first).to match(words) }
    end
  end

  it "says beside the minutes that the oven is turned down on the way, and only then" do
    pumpkin = "Pumpkin pie\n1 unbaked pie crust\n15 oz pumpkin puree\n2 eggs\n1 cup cream\nBake at 425F for 15 minutes."
    pages = ["#{pumpkin} Reduce to 350F and bake 40 minutes.", pumpkin].map do |text|
      send_crust[self, recipe: text]
      text_of(".how").join(" ")
    end
    expect(pages.map { |page| page.include?("it changes on the way") }).to eq [true, false]
  end
end
