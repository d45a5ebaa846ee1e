RSpec.describe "The Swap pages" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}

  it "stand with a demo sauce already swapped, saying how sure they are" do
    expect(visit("/").status).to eq 200
    expect([text_of(".big").first, text_of(".spoons").first]).to match([/\d+ g one-for-one blend and \d+ g maize starch/, /give or take \d+ g/])
    expect(text_of(".moments li").join(" ")).to match(/in the pan .*on the plate .*tomorrow, from the fridge/)
  end

  it "send strict headers, and no inline script or style" do
    visit("/")
    expect(last_response.headers["content-security-policy"]).to include("default-src 'none'").and(satisfy { |policy| !policy.include?("unsafe") })
    expect([page.css("[style], style").length, page.css("script:not([src])").length, page.css("*").flat_map { |n| n.attributes.keys.grep(/\Aon/) }]).to eq [0, 0, []]
    expect(last_response.headers.values_at("x-content-type-options", "x-frame-options", "cache-control")).to eq ["nosniff", "DENY", "no-store"]
  end

  it "escape whatever is typed" do
    nasty = "<script>alert(1)</script>\n1 cup milk\n2 tbsp flour\n3 tbsp <img src=x onerror=y>\n</textarea><b>"
    send_form("/swap", swap_fields(recipe: nasty, title: "\"><script>"), live)
    expect(last_response.body).not_to match(/<script>alert|<img src=x|<\/textarea><b>|"><script>/)
    expect(text_of("#recipe-text").first).to include("<script>alert(1)</script>")
  end

  it "refuse a form without its token" do
    visit("/")
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
    visit("/")
    expect(text_of("#recipe-text").first).to eq "3 tbsp flour half typ"
  end

  it "say what to type for a choice that cannot be" do
    send_form("/swap", swap_fields(altitude: "on the roof"), live)
    expect(text_of(".problem").first).to match(/altitude.*on the roof/)
  end

  it "redirect a form sent without scripts, and show the same answer" do
    expect(send_form("/swap", swap_fields(with: "potato_starch", school: "slurry")).status).to eq 303
    visit("/")
    expect(text_of(".big").first).to match(/potato starch/)
  end

  it "put a line right, and leave its text" do
    recipe = "1 cup milk\n2 tbsp flour\n2 cups unobtainium"
    fix = {"text" => "2 cups unobtainium", "occurrence" => "0", "ingredient" => "stock", "grams" => "480", "was" => {"role" => "other"}}
    send_form("/swap", swap_fields(recipe: recipe).merge("fix" => fix), live)
    expect([text_of(".row .line-name"), text_of("#recipe-text").first]).to match([include("stock"), include("unobtainium")])
    expect(page.at_css("input[name=corrections]")["value"]).to include("480")
  end

  it "mark gluten that is left, and a line not understood" do
    send_form("/swap", swap_fields(recipe: "2 cups milk\n3 tbsp flour\n1 tbsp soy sauce\n5 wobbles"), live)
    expect([text_of(".line-warning").first, text_of(".unread").first]).to match([/soy sauce/, /not counted/])
  end

  it "read a JSON-LD file into plain lines" do
    json = JSON.generate(Restauro::Recipes::JsonLd.write(name: "Chive cream", ingredients: ["2 cups milk", "3 tbsp flour", "2 tbsp butter"], steps: ["Boil."]))
    file = Rack::Test::UploadedFile.new(StringIO.new(json), "application/ld+json", original_filename: "r.json")
    expect(send_form("/swap/recipe", {"file" => file}).status).to eq 303
    visit("/")
    expect(page.at_css("#recipe-text").text.strip.lines.map(&:chomp)).to eq ["Chive cream", "Ingredients:", "2 cups milk", "3 tbsp flour", "2 tbsp butter", "Method:", "Boil."]
  end

  it "refuse what is too large, plainly" do
    visit("/")
    post "/swap", "x" * 1_600_000, "CONTENT_TYPE" => "application/x-www-form-urlencoded"
    expect([last_response.status, last_response.body]).to match([413, /1.5 MB/])
  end

  it("know no such page") { expect(visit("/nowhere").status).to eq 404 }

  it "have only ids that are their own" do
    visit("/")
    ids = page.css("[id]").map { |node| node["id"] }
    expect(ids.tally.select { |_, count| count > 1 }).to be_empty
  end
end
