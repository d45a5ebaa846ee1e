RSpec.describe "The Swap pages" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}

  it "stand empty for a new browser, with the box to paste into" do
    expect(visit("/swap").status).to eq 200
    expect(
      [text_of("#answer .problem").first, page.css(".paste[open] textarea").length, text_of("#recipe-text").first]
    ).to match([/Paste a wheat recipe/, 1, ""])
  end

  it "answer a dish to start from, saying how sure they are" do
    send_form("/start", {"start" => "cream"})
    expect([last_response.status, last_response.headers["location"]]).to match([303, %r{/swap\z}])
    visit("/swap")
    expect([text_of(".big").first, text_of(".spoons").first]).to match(
      [/\d+ g one-for-one blend and \d+ g maize starch/, /give or take \d+ g/]
    )
    expect(text_of(".moments li").join(" ")).to match(/in the pan .*on the plate .*tomorrow, from the fridge/)
  end

  it "send strict headers, and no inline script or style" do
    visit("/swap")
    expect(last_response.headers["content-security-policy"]).to include("default-src 'none'").and(
      satisfy { |policy| !policy.include?("unsafe") }
    )
    expect(
      [
        page.css("[style], style").length,
        page.css("script:not([src])").length,
        page.css("*").flat_map { |n| n.attributes.keys.grep(/\Aon/) }
      ]
    ).to eq [0, 0, []]
    expect(last_response.headers.values_at("x-content-type-options", "x-frame-options", "cache-control")).to eq %w[
      nosniff
      DENY
      no-store
    ]
  end

  it "escape whatever is typed" do
    nasty = "<script>alert(1)</script>\n1 cup milk\n2 tbsp flour\n3 tbsp <img src=x onerror=y>\n</textarea><b>"
    send_form("/swap", swap_fields(recipe: nasty, title: "\"><script>"), live)
    expect(last_response.body).not_to match(%r{<script>alert|<img src=x|</textarea><b>|"><script>})
    expect(text_of("#recipe-text").first).to include("<script>alert(1)</script>")
  end

  it "refuse a form without its token" do
    visit("/swap")
    post "/swap", swap_fields
    expect(last_response.status).to eq 403
  end

  it("refuse a foreign host") do
    header "Host", "evil.example"
    get "/"
    expect(last_response.status).to eq 403
  end

  it "keep what was typed beside the error, over a reload" do
    send_form("/swap", swap_fields(recipe: "3 tbsp flour\nhalf typ"), live)
    expect([last_response.status, text_of(".problem").first]).to match([200, /liquid/])
    visit("/swap")
    expect(text_of("#recipe-text").first).to eq "3 tbsp flour half typ"
  end

  it "say what to type for a choice that cannot be" do
    send_form("/swap", swap_fields(altitude: "on the roof"), live)
    expect(text_of(".problem").first).to match(/[Aa]ltitude.*on the roof/)
  end

  it "redirect a form sent without scripts, and show the same answer" do
    expect(send_form("/swap", swap_fields(with: "potato_starch", school: "slurry")).status).to eq 303
    visit("/swap")
    expect(text_of(".big").first).to match(/potato starch/)
  end

  it "put a line right, and leave its text" do
    recipe = "1 cup milk\n2 tbsp flour\n2 cups unobtainium"
    fix = {
      "text" => "2 cups unobtainium",
      "occurrence" => "0",
      "ingredient" => "stock",
      "grams" => "480",
      "was" => {
        "role" => "other"
      }
    }
    send_form("/swap", swap_fields(recipe: recipe).merge("fix" => fix), live)
    expect([text_of(".row .line-name"), text_of("#recipe-text").first]).to match(
      [include("stock"), include("unobtainium")]
    )
    expect(page.at_css("input[name=corrections]")["value"]).to include("480")
  end

  it "mark gluten that is left, and a line not understood" do
    send_form("/swap", swap_fields(recipe: "2 cups milk\n3 tbsp flour\n1 tbsp soy sauce\n5 wobbles"), live)
    expect([text_of(".line-warning").first, text_of(".unread").first]).to match([/soy sauce/, /not counted/])
  end

  it "read a JSON-LD file into plain lines" do
    json =
      JSON.generate(
        Restauro::Recipes::JsonLd.write(
          name: "Chive cream",
          ingredients: ["2 cups milk", "3 tbsp flour", "2 tbsp butter"],
          steps: ["Boil."]
        )
      )
    file = Rack::Test::UploadedFile.new(StringIO.new(json), "application/ld+json", original_filename: "r.json")
    expect(send_form("/swap/recipe", {"file" => file}).status).to eq 303
    visit("/swap")
    expect(page.at_css("#recipe-text").text.strip.lines.map(&:chomp)).to eq [
      "Chive cream",
      "Ingredients:",
      "2 cups milk",
      "3 tbsp flour",
      "2 tbsp butter",
      "Method:",
      "Boil."
    ]
  end

  it "refuse what is too large, plainly" do
    visit("/swap")
    post "/swap", "x" * 1_600_000, "CONTENT_TYPE" => "application/x-www-form-urlencoded"
    expect([last_response.status, last_response.body]).to match([413, /1.5 MB/])
  end

  it("know no such page") { expect(visit("/nowhere").status).to eq 404 }

  it "have only ids that are their own" do
    visit("/swap")
    ids = page.css("[id]").map { |node| node["id"] }
    expect(ids.tally.select { |_, count| count > 1 }).to be_empty
  end
end

RSpec.describe "A dish of parts on the page" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  pie =
    "Leek pie\n\nPastry:\n200 g flour\n100 g butter\n50 ml water\n30 g cheddar\n\nSauce:\n40 g butter\n40 g " \
"flour\n500 ml milk"
  tabs = ->(spec) { spec.text_of(".part-name") }

  it "shows every part with its answer, the one asked for in front" do
    send_form("/swap", swap_fields(recipe: pie, school: "", with: ""), live)
    expect([tabs[self], text_of(".dish-title"), text_of(".part-amounts").first, text_of(".big").first]).to match(
      [%w[Pastry Sauce], ["Leek pie"], /xanthan/, /xanthan/]
    )
    send_form("/swap", swap_fields(recipe: pie, tab: "Sauce", school: "", with: ""), live)
    expect(text_of(".big").first).to match(/maize starch/)
  end

  it "keeps the choices of each part while another is in front" do
    send_form("/swap", swap_fields(recipe: pie, tab: "Sauce", school: "", with: ""), live)
    state = page.css("#swap-form input[type=hidden]").to_h { |field| [field["name"], field["value"]] }
    send_form(
      "/swap",
      swap_fields(recipe: pie, school: "slurry", with: "potato_starch").merge(state.slice("part", "parts", "kinds")),
      live
    )
    expect([text_of(".big").first, text_of(".part-amounts")]).to match([/potato starch/, [/xanthan/, /potato starch/]])
    kept =
      page
        .css("#swap-form input[type=hidden]")
        .to_h { |field| [field["name"], field["value"]] }
        .slice("part", "parts", "kinds")
    send_form(
      "/swap",
      swap_fields(recipe: pie, school: "slurry", with: "potato_starch", tab: "Pastry").merge(kept),
      live
    )
    expect(text_of(".part-amounts")).to match([/xanthan/, /potato starch/])
  end

  it "moves a line to another part, and says what a part is, and it stays so" do
    fix = {
      "text" => "30 g cheddar",
      "occurrence" => "0",
      "part" => "Sauce",
      "was" => {
        "ingredient" => "cheddar",
        "grams" => "30",
        "role" => "cheese",
        "part" => "Pastry"
      }
    }
    send_form("/swap", swap_fields(recipe: pie).merge("fix" => fix), live)
    expect(text_of(".row .line-name, .row-title").drop_while { |text| !text.start_with?("Sauce") }).to include(
      /cheddar/
    )
    corrections = page.at_css("input[name=corrections]")["value"]
    send_form("/swap", swap_fields(recipe: pie, corrections: corrections).merge("kinds_of[Sauce]" => "none"), live)
    expect([text_of(".part").last, text_of(".part-amounts").last]).to match(
      [/\ASauce \d+ g one-for-one/, satisfy { |words| !words.include?("butter") }]
    )
  end
end

RSpec.describe "What is chosen on the page counts" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  sent = ->(spec, **fields) do
    spec.send_form("/swap", spec.swap_fields(**fields), live) &&
      spec.text_of("#method, .method").join(" ") + spec.text_of("#answer").join(" ")
  end

  it("who eats") do
    expect([sent[self, diets: "vegan"], text_of(".ours .line-name")]).to match(
      [
        anything,
        satisfy do |names|
          names.none? { |name| name.match?(/butter\z|whole milk|cream\z/) && !name.match?(/plant|oat|soya/) }
        end
      ]
    )
  end
  it("the minutes of the simmer") do
    expect([sent[self, simmer: "12"], sent[self, simmer: "2"]].map { |words| words.include?("12 min") }).to eq [
      true,
      false
    ]
  end
  it("the altitude, where water boils cooler") do
    expect(
      [0, 3000].map do |metres|
          sent[self, altitude: metres.to_s, with: "corn_starch"] &&
            [text_of(".big"), text_of(".chart text"), text_of("#method")]
        end
        .uniq
        .length
    ).to eq 2
  end

  # How the parts of a dish meet, beside its names.
  {
    "Filled pancakes\nPancakes\n120 g plain flour\n2 eggs\n300 ml milk\nFilling\n500 g spinach\n250 g ricotta\n" \
    "Sauce\n30 g butter\n30 g flour\n400 ml milk\nBake at 190C for 25 minutes" => "a sauce, over Pancakes",
    "Schnitzels\nCoat\n4 slices celeriac, 10 mm\n40 g flour\n2 eggs\n120 g breadcrumbs\n" \
    "Gravy\n30 g butter\n25 g flour\n400 ml stock" => "a sauce, at the table, over Coat",
    "Polpette\n500 g minced beef\n80 g breadcrumbs\n1 egg\nflour for dusting\n3 tbsp oil\n400 g passata\n" \
    "Roll in flour, brown for 8 minutes. Add the meatballs to the sauce for 20 minutes" =>
      "Sauce at the end, around Polpette",
    "Samosas\nPastry\n225 g plain flour\n30 ml oil\n80 ml water\nFilling\n300 g cooked potatoes\n" \
    "Deep-fry at 175C" => "a crust, around Filling"
  }.each do |text, words|
    it "says #{words} of #{text.lines.first.strip.downcase}" do
      send_form("/swap", swap_fields(recipe: text))
      visit("/swap")
      expect(text_of(".part-tab").join("; ").squeeze(" ")).to include(words)
    end
  end
end
