RSpec.describe "The Table" do
  services = -> { WebHelpers::SERVICES }
  gravy = "Onion gravy\n2 onions, sliced\n30 g butter\n28 g plain flour\n480 ml vegetable stock"
  add = ->(spec, **fields) { spec.send_form("/table", fields.transform_keys(&:to_s)) }

  it("stands empty, saying what it is for") do
    visit("/table").then { expect(text_of(".table-answer .problem").first).to match(/say when you want to eat/) }
  end

  it "plans a pasted recipe and a thing that is typed, for an hour, in a kitchen" do
    add[self, add: "recipe", recipe: gravy]
    add[self, add: "typed", name: "Joint", steps: "roast, 75 min, oven 190\nrest, 18 min, holds 20"]
    add[self, meal: "1", serve_at: "18:30", burners: "2"]
    visit("/table")
    expect(text_of(".table-big").first).to match(/Begin at 1[67]:\d\d, eat at 18:30/)
    expect([page.css(".lanes").length, text_of(".table-list li").join]).to match(
      [1, /Joint roast, 75 min.*oven at 190 °C.*Onion gravy.*ring/]
    )
  end

  it "lists what to buy for it, and lets a dish go again" do
    add[self, add: "recipe", recipe: gravy]
    add[self, add: "typed", name: "Joint", steps: "roast, 75 min, oven 190\nrest, 18 min, holds 20"]
    visit("/table").then { expect(text_of(".table-buy").join).to match(/g butter/) }
    add[self, remove: "0"]
    visit("/table").then { expect(text_of(".table-dishes li")).to match([/Joint/]) }
  end

  it "takes a dish from the notebook and from the bench, by who eats" do
    services.call.household.add_eater(name: "Bram", diets: ["dairy"])
    send_form(
      "/notebook",
      swap_fields(recipe: "Cream\n40 g butter\n40 g flour\n500 ml milk", title: "Cream").merge("keep" => "new")
    )
    add[self, add: "notebook", kept_id: services.call.kept_swaps.list.first.id.to_s]
    send_form("/swap", swap_fields(recipe: gravy))
    add[self, add: "bench"]
    visit("/table").then { expect(text_of(".table-list").join).to match(/milk.*|milk/).and include("butter") }
    send_form(
      "/table",
      {"meal" => "1", "serve_at" => "19:00", "eaters" => [services.call.household.eaters.first.id.to_s]}
    )
    visit("/table").then do
      expect(text_of(".table-list").join).to include("soya drink").and(
        satisfy { |words| !words.include?("whole milk") }
      )
    end
  end

  it "says what collides, and never draws it as if it could be" do
    2.times { |index| add[self, add: "typed", name: "Fritters #{index + 1}", steps: "fry, 12 min, ring, holds 2"] }
    visit("/table")
    expect(text_of(".table-answer .warning").join).to match(/waits 10 min longer at the table than it bears/)
  end

  it "says what to type" do
    {"name" => "Joint", "steps" => "roast it well"}.then do |fields|
      send_form("/table", fields.merge("add" => "typed"))
    end
    expect([last_response.status, text_of("[role=alert]").first]).to match([200, /does not say how long: type such as/])
  end

  it "says what else to type: how hot, a recipe, an hour" do
    send_form("/table", {"add" => "typed", "name" => "Joint", "steps" => "roast, 75 min, oven"})
    expect(text_of("[role=alert]").first).to match(/say how hot/)
    send_form("/table", {"add" => "recipe", "recipe" => " "})
    expect(text_of("[role=alert]").first).to match(/Paste a recipe first/)
    send_form("/table", {"meal" => "1", "serve_at" => "soon"})
    expect(text_of("[role=alert]").first).to match(/such as 19:00/)
  end

  it "is taken along as a calendar and as a table" do
    add[self, add: "typed", name: "Joint", steps: "roast, 75 min, oven 190"]
    visit("/table/plan.ics?date=2026-12-05&zone=Europe/Lisbon").then do |answer|
      expect([answer.headers["content-type"], answer.body]).to match(
        [%r{text/calendar}, /BEGIN:VEVENT.*SUMMARY:Joint/m]
      )
    end
    visit("/table/plan.csv").then do |answer|
      expect(CSV.parse(answer.body, headers: true).map { |row| row["text"] }).to include("roast, 75 min, oven 190")
    end
    expect([visit("/table/plan.ics?date=2026-12-05&zone=Nowhere").status, visit("/table/plan.doc").status]).to eq [
      422,
      404
    ]
  end

  {
    "roast, 1.5 h, 190C" => ["oven", 90, 190.0, false],
    "boil, 14 min, ring" => ["hob", 14, nil, true],
    "simmer by itself, 20 min" => ["hob", 20, nil, false],
    "peel, 10 min" => ["hands", 10, nil, true],
    "chill 30 min" => ["rest", 30, nil, false]
  }.each do |text, expected|
    it("reads “#{text}”") do
      Restauro::TypedDish
        .read("x", text)
        .steps
        .first
        .then { |step| expect([step.heat, step.minutes, step.celsius, step.attended]).to eq expected }
    end
  end
end
