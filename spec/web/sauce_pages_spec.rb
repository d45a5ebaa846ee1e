RSpec.describe "The pages of one sauce" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  before { send_form("/start", {"start" => "cream"}) }

  it "set two or three swaps side by side, recommend one and say why" do
    visit("/compare")
    expect([text_of(".candidate").length, text_of("h1").first, text_of(".taken").length]).to match(
      [be_between(2, 3), /.+: .+\./, 1]
    )
    expect(text_of(".traits").first).to match(/time\d+ min.*fat.*on the hob.*chilled.*frozen.*risk/)
  end

  it "draw no course of a sauce that eggs hold, and say that there is nothing to swap" do
    hollandaise = "Hollandaise\n3 egg yolks\n200 g butter\n1 tbsp lemon juice"
    send_form("/swap", swap_fields(recipe: hollandaise, school: "", with: ""))
    visit("/swap")
    expect([text_of(".answer .big").join, page.css(".course-chart").length, text_of(".no-course").length])
      .to match [/nothing to swap/, 0, 1]
  end

  it "take a candidate as the swap" do
    visit("/compare")
    form = page.css(".candidate form").last
    fields = form.css("input[type=hidden]").to_h { |input| [input["name"], input["value"]] }
    @seen = true
    @token = fields.delete("authenticity_token")
    send_form("/swap", fields)
    visit("/swap")
    expect(page.at_css("select[name=with] option[selected]")["value"]).to eq fields["with"]
  end

  it "say what to do from a spoon, with how it will go" do
    send_form("/rescue", {"seen" => "runny", "where" => "plate"}, live)
    expect([text_of(".move .advice").first, page.css(".move .course-chart").length]).to match(
      [/Stir [\d.]+ g maize starch .* into [\d.]+ g cold water/, be >= 1]
    )
    send_form("/rescue", {"seen" => "very_thick", "where" => "pan"}, live)
    expect(text_of(".move .advice").first).to match(/Whisk in \d+ g whole milk/)
  end

  it("read a plate test") do
    send_form("/rescue", {"plate_mm" => "95"}, live).then do
      expect(text_of(".move .quiet").first).to match(/In spoons of flour to a cup: it is at 1\.\d+/)
    end
  end
  it("say what a reading looks like") do
    send_form("/rescue", {"plate_mm" => "wide"}, live).then do
      expect(text_of(".problem").first).to match(/such as 81/)
    end
  end
  it("know the other troubles") do
    send_form("/rescue", {"trouble" => "lumps"}, live).then do
      expect(text_of(".trouble").first).to match(/spatula.*Next time.*Never fill it over a third/)
    end
  end
  it("know no trouble by another name") do
    expect(send_form("/rescue", {"trouble" => "ghosts"}, live).status).to eq 404
  end

  it "print the plate-test sheet to scale" do
    visit("/plate-test.pdf")
    body = last_response.body
    expect([last_response.headers["content-type"], body[0, 5]]).to eq %w[application/pdf %PDF-]
    # 50 mm are 141.73 points: the ruler's line, and the 50 mm ring's radius, are in the page's own drawing.
    from, to = body.scan(/^([\d.]+) 102\.047\d* (?:m|l)$/).flatten.map(&:to_f).first(2)
    expect(to - from).to be_within(0.01).of(141.73)
  end

  it "with wheat for some: two pots, the other one beside it" do
    send_form("/swap", {"recipe" => "Sauce\n40 g flour\n40 g butter\n600 ml milk", "two" => "1 of 4"})
    visit("/swap")
    expect(text_of("#answer .two-pots").join).to match(/30 g plain wheat flour.*30 g butter/)
    expect(text_of(".line-grams").first).to match(/10 g/)
    send_form("/swap", {"recipe" => "Sauce\n40 g flour\n40 g butter\n600 ml milk", "two" => "some"}, live)
    expect(text_of("#answer").join).to include("such as ' 1 of 4").or include("such as '1 of 4'")
  end

  it "a sauce between sheets is made for the dish there is with one tap, and as the recipe has it with another" do
    recipe =
      "Leek lasagne\n12 lasagne sheets\nSauce: 45 g butter, 45 g plain flour, 700 ml milk\nBake in a 20x30 cm dish 6 " \
"cm deep."
    send_form("/swap", {"recipe" => recipe, "units" => "uk"})
    visit("/swap")
    made = -> { text_of("#answer").join[/makes (\d+) g/, 1].to_f }
    before = made.call
    expect(text_of("#answer").join).to match(/as it goes in\. The sheets give it starch.*dish takes about \d+ g/)
    size = page.at_css("button[name=size]")["value"]
    send_form("/swap", {"recipe" => recipe, "units" => "uk", "size" => size})
    visit("/swap")
    expect(made.call / before).to be_within(0.05).of(size[/[\d.]+\z/].to_f)
    expect(page.css("button[name=size]").map { |button| button["value"] }).to eq ["Sauce=1"]
  end

  it "measure the stove and work every course out with it" do
    boils = -> { visit("/swap").then { text_of(".steps .minutes")[3] } }
    before = boils.call
    send_form(
      "/stove",
      {"heat" => "medium", "pan_cm" => "20", "water" => "500", "from" => "18", "to" => "68", "seconds" => "120"}
    )
    expect(WebHelpers::SERVICES.household.stove["watts"]["medium"]).to be_between(1050, 1120)
    expect(boils.call.to_f).to be < before.to_f
    send_form("/stove/forget")
    expect(WebHelpers::SERVICES.household.stove).to be_nil
  end

  it "keep what was typed of a test that cannot be" do
    send_form(
      "/stove",
      {"heat" => "medium", "pan_cm" => "20", "water" => "500", "from" => "60", "to" => "40", "seconds" => "120"}
    )
    expect([last_response.status, text_of(".problem").first, page.at_css("input[name=from]")["value"]]).to match(
      [422, /warmer/, "60"]
    )
  end

  describe "the stove's choices on the Swap page" do
    it("let things happen") do
      send_form("/swap", swap_fields(happens: "at 12 min add 100 g dry wine\nat 14 min heat low"), live).then do
        expect(last_response.body).to include("target-handle")
      end
    end
    it("say what to type") do
      send_form("/swap", swap_fields(happens: "later, some wine"), live).then do
        expect(text_of(".problem").first).to match(/at 10 min add 50 g dry wine/)
      end
    end
    it("warn of lumps") do
      send_form("/swap", swap_fields(pour: "hot_at_once"), live).then do
        expect(text_of(".warning").first).to match(/Lumps: hot liquid .* Better: cold liquid/)
      end
    end
    it("show the spoon at a moment of the course") do
      send_form("/swap", swap_fields(look: "30"), live).then do
        expect(text_of(".moments li").first).to match(/after [\d ]+/)
      end
    end
    it("boil a cream down") do
      send_form(
        "/swap",
        swap_fields(recipe: "2 tbsp flour\n15 g butter\n400 ml double cream", school: "reduction", grade: "medium"),
        live
      ).then { expect(text_of(".big").first).to match(/boil it down/) }
    end
    it("brown a roux") do
      send_form("/swap", swap_fields(colour: "brown", with: "sorghum_flour"), live).then do
        expect(text_of(".steps").first).to match(/hazelnut/)
      end
    end
  end
end
