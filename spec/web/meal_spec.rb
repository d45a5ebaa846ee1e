RSpec.describe "A meal, from the Table to the table" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  day = Time.utc(2026, 11, 24)
  gravy = "Onion gravy\n2 onions, sliced\n30 g butter\n28 g plain flour\n480 ml vegetable stock"
  define_method(:gravy) { gravy }
  pie =
    "Leek pie\nPastry:\n240 g plain flour\n120 g butter\n55 ml cold water\nSauce:\n45 g butter\n4 tbsp plain " \
"flour\n450 ml milk\nLeeks:\n600 g leeks\n30 g butter\nBake at 190C for 35 minutes"

  before do
    @now = day + 14 * 3600
    @services = Restauro::Services.on(TestDatabase.connection, clock: -> { @now })
    @app = Restauro::Web.with(@services, secret: "t" * 64)
  end

  attr_reader :app, :services

  def add(**fields) = send_form("/table", fields.transform_keys(&:to_s))
  def meal = services.meals.fetch(@id)
  def version = services.meals.events(@id).length
  def tap_meal(what) =
    send_form("/meals/#{@id}/do", {"version" => version.to_s, "do" => what}, {"HTTP_X_RESTAURO_LIVE" => "1"})
  def service = Restauro::MealServicePage.new(meal, services).service
  def clock(minutes) = @now = Time.utc(2026, 11, 24) + 60 * minutes

  def start
    send_form("/meals")
    @id = Integer(last_response.headers["location"][%r{/meals/(\d+)}, 1])
  end

  def joint_and_gravy
    add(add: "typed", name: "Joint", steps: "roast, 75 min, oven 190\nrest, 18 min, holds 20")
    add(add: "recipe", recipe: gravy)
  end

  it "keeps its kitchen once, for every meal and every browser" do
    add(meal: "1", serve_at: "18:30", burners: "2", ovens: "1", shelves: "1", cooks: "2", fan: "yes")
    expect(services.household.kitchen).to eq(
      "burners" => "2",
      "ovens" => "1",
      "shelves" => "1",
      "cooks" => "2",
      "fan" => "yes"
    )
    clear_cookies
    @seen = @token = nil
    visit("/table")
    expect([page.at_css("input[name=burners]")["value"], page.at_css("input[name=fan]")["checked"]]).to eq ["2", ""]
  end

  it "pins a start, lays the rest around it, and lets it go" do
    joint_and_gravy
    add(pin: "0-0", pin_at: "16:30")
    visit("/table")
    expect([text_of(".table-list li").join, page.css(".lane-task.pinned").length]).to match([/16:30 Joint roast/, 1])
    add(unpin: "0-0")
    visit("/table").then { expect(text_of(".table-list li").join).not_to match(/16:30 Joint/) }
  end

  it "asks for a pin's hour where none is read" do
    joint_and_gravy
    add(pin: "0-0", pin_at: "soon")
    expect(text_of("[role=alert]").first).to match(/such as 18:05/)
  end

  it "a pin that cannot be is said, and not drawn" do
    joint_and_gravy
    add(pin: "0-0", pin_at: "18:55")
    visit("/table")
    expect([text_of("[role=alert]").first, page.css(".lanes").length]).to match([/let a pin go/, 0])
  end

  define_method(:pastry_before) do
    add(add: "recipe", recipe: pie)
    visit("/table")
    whole = text_of(".table-big").first
    send_form("/table", {"meal" => "1", "serve_at" => "19:00", "dish" => {"0" => {"before" => %w[- Pastry]}}})
    visit("/table")
    whole
  end

  it "makes a part the day before, and begins the evening from it" do
    whole = pastry_before
    expect([text_of(".table-before li").first, text_of(".table-list").join]).to match(
      [/Leek pie: the dough.*Raw dough/, /Take the dough out of the fridge/]
    )
    expect(text_of(".table-big").first).not_to eq whole
  end

  it "stands what was made before in the Cupboard, till it is past its days or gone" do
    pastry_before
    form = page.at_css(".table-before form[action='/cupboard/made']")
    send_form(
      "/cupboard/made",
      form.css("input[type=hidden]").to_h { |input| [input["name"], input["value"]] }.except("authenticity_token")
    )
    pages = {"/table" => ".table-before", "/cupboard" => ".made-ahead li"}
    said = pages.map { |at, css| visit(at) && text_of(css).join }
    expect(said).to match([/stands in the Cupboard/, /Dough for Leek pie made 24 Nov, keeps till 26 Nov/])
    @now = day + 3 * 86_400
    visit("/cupboard").then { expect(text_of(".made-ahead li").first).to match(/past its 2 days/) }
    send_form("/cupboard/made/#{services.made.list.first.id}/gone")
    expect(services.made.list).to eq []
  end

  it "one eater's variant is a dish of its own, by that eater's rules alone" do
    services.household.add_eater(name: "Ottilie", diets: ["dairy"])
    id = services.household.eaters.first.id
    add(add: "recipe", recipe: "Cream\n40 g butter\n40 g flour\n500 ml milk")
    add(add: "variant-0-#{id}")
    visit("/table")
    words = text_of(".table-list").join
    expect(words).to match(/Cream for Ottilie/).and include("soya drink").and include("whole milk")
  end

  it "serves so many, and buys what the shelf lacks into the Cupboard" do
    add(add: "recipe", recipe: "#{gravy}\nServes 4")
    butter = -> { visit("/table").then { text_of(".table-buy li").grep(/butter/).first.to_s[/\d+/].to_i } }
    expect(butter.call).to eq 30
    send_form("/table", {"meal" => "1", "serve_at" => "19:00", "dish" => {"0" => {"scale" => "8"}}})
    expect(butter.call).to eq 60
    send_form("/table/bought", {"key" => "butter", "grams" => "250"})
    expect([butter.call, services.packs.list.map { |kept| [kept.pack.key, kept.pack.grams_left] }]).to eq [
      0,
      [["butter", 250.0]]
    ]
  end

  it "says what would free what collides, each tried" do
    2.times { |index| add(add: "typed", name: "Fritters #{index + 1}", steps: "fry, 12 min, ring, holds 2") }
    visit("/table")
    expect(text_of(".table-answer p").join).to match(/What would free it: a second pair of hands/)
    expect(page.css(".lane-clash").length).to eq 1
  end

  it "prints one page, and the demo's supper stands whole" do
    add(add: "supper")
    visit("/table")
    expect([text_of(".table-dishes > li").length, text_of(".table-big").first]).to match([6, /eat at 19:00/])
    visit("/table/plan.pdf?paper=letter")
    expect(
      [
        last_response.body[0, 4],
        last_response.body.scan(%r{/Type /Page\b}).length,
        last_response.body[%r{/MediaBox \[0 0 ([\d.]+ [\d.]+)}, 1]
      ]
    ).to eq ["%PDF", 1, "612 792"]
  end

  describe "cooked" do
    before { joint_and_gravy }

    it "goes through: what now, what by itself, what next, to the end" do
      clock(1040)
      start
      visit("/meals/#{@id}")
      expect([text_of("#meal-now .step-text").first, text_of("#meal-next li").first]).to match(
        [/Nothing for your hands|oven/, /\d\d:\d\d/]
      )
      alone = service.acts.to_h do |act|
        clock(act.from)
        tap_meal("began:#{act.key}")
        by_itself = text_of("#meal-alone").first
        clock(act.to)
        tap_meal("done:#{act.key}")
        [act.key, [by_itself, last_response.status]]
      end
      expect([alone.fetch("0-0").first, alone.values.map(&:last).uniq]).to match([/Joint/, [200]])
      expect(text_of("#meal-now .step-text").first).to eq "Everything is on the table."
    end

    it "is over when it is said to be" do
      clock(1040)
      start
      send_form("/meals/#{@id}/finish")
      expect(services.meals.open).to be_nil
    end

    it "what is late moves what is left, never what has begun, and says so" do
      clock(1030)
      start
      roast = service.act("0-0")
      clock(roast.from)
      tap_meal("began:0-0")
      tap_meal("longer:0-0:12")
      after = service
      expect([after.act("0-0").from, after.act("0-1").from >= roast.to + 12, text_of(".moved").first]).to match(
        [be_within(1).of(roast.from), true, /Eat at 19:\d\d instead of 19:00|Joint/]
      )
      visit("/meals/#{@id}").then { expect(text_of(".moved li")).to eq after.words }
    end

    it "begun after its time, it is laid from now" do
      clock(1110)
      start
      expect(service.plan.meal.serve_at).to be > 1140
      expect(service.acts.reject { |act| act.key.start_with?("oven") }.map(&:from).min).to be >= 1110
    end

    it "a second screen is told that the meal went on, and nothing is counted twice" do
      clock(1030)
      start
      key = service.acts.first.key
      send_form("/meals/#{@id}/do", {"version" => version.to_s, "do" => "began:#{key}"}, live)
      send_form("/meals/#{@id}/do", {"version" => "0", "do" => "began:#{key}"}, live) if version.positive?
      expect([text_of(".problem").first, services.meals.events(@id).count { |kind, *| kind == "began" }]).to match(
        [/went on in another tab/, 1]
      )
      tap_meal("undone:#{key}")
      expect(service.act(key).state).to eq :waiting
    end

    it "stands after a restart as it stood" do
      clock(1030)
      start
      tap_meal("began:0-0")
      again = Restauro::Services.on(TestDatabase.connection, clock: -> { @now })
      expect(Restauro::MealServicePage.new(again.meals.open, again).service.act("0-0").state).to eq :going
    end

    it "has a dish on the stove behind what was swapped" do
      clock(1030)
      start
      expect(services.dishes.open.map(&:title)).to eq ["Onion gravy"]
      expect(visit("/cook").headers["location"]).to end_with("/meals/#{@id}")
    end

    it "refuses what is nonsense" do
      clock(1030)
      start
      tap_meal("dance:0-0")
      expect(text_of(".problem").first).to match(/no doing/)
      tap_meal("began:9-9")
      expect(text_of(".problem").first).to match(/no such thing to do/)
      expect(visit("/meals/999").status).to eq 404
    end
  end
end
