require "tempfile"

RSpec.describe "The Weigh and Cook rooms" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  sauce = {
    recipe: "Caraway cream\n4 tbsp flour\n40 g butter\n450 ml milk\n1 tsp salt",
    school: "roux",
    with: "corn_starch"
  }.freeze
  dishes = -> { WebHelpers::SERVICES.dishes }
  # @return [Integer] the number of a dish just taken from the Swap page
  start =
    lambda do |spec, **fields|
      spec.send_form("/swap", spec.swap_fields(**sauce, **fields))
      spec.send_form("/dishes")
      Integer(spec.last_response.headers["location"][%r{/dishes/(\d+)/weigh}, 1])
    end
  state = ->(id) { dishes[].state(dishes[].fetch(id)) }
  act = ->(spec, id, what, room: "weigh", **more) do
    spec.send_form(
      "/dishes/#{id}/do",
      {
        "room" => room,
        "version" => state[id].version.to_s,
        "item" => state[id].current&.id,
        "do" => what,
        **more.transform_keys(&:to_s)
      },
      live
    )
  end

  it "cook a dish of parts whole: bowls of one part each, and the rescue of the part that the step is for" do
    pie = "Leek pie\nPastry:\n240 g flour\n120 g butter\n55 ml water\nSauce:\n45 g butter\n4 tbsp flour\n450 ml milk"
    id = start[self, recipe: pie, school: "", with: ""]
    visit("/dishes/#{id}/weigh")
    expect(text_of("#bench-sheet h3")).to include("Pastry: the dry bowl", "Sauce: the pan", "Sauce: the wet bowl")
    steps = state[id].steps
    seen =
      %w[Pastry Sauce].to_h do |part|
        act[self, id, "step:#{steps.index { |step| step.part == part && step.minutes }}", room: "cook"]
        visit("/dishes/#{id}/cook")
        [part, [text_of("#step-now .step-part").first, page.css("#seen button[value^='saw:seen']").any?]]
      end
    expect(seen).to eq("Pastry" => ["Pastry", false], "Sauce" => ["Sauce", true])
    act[self, id, "saw:seen=runny", room: "cook"]
    expect(text_of(".advice").first).to match(/\d+ g/)
  end

  it "take the open swap to the bench, in the order it is needed" do
    id = start[self]
    visit("/dishes/#{id}/weigh")
    expect([text_of(".weigh-number").first, text_of(".weigh-name").first, text_of("#bench-sheet h3")]).to match(
      ["40 g", /\Abutter/, ["The pan", "The wet bowl", "By itself, for the end"]]
    )
    expect(visit("/weigh").headers["location"]).to end_with("/dishes/#{id}/weigh")
  end

  it "keep two dishes side by side, their clocks on both, until one is put away" do
    id = start[self]
    second = start[self]
    act[self, id, "timer:own", room: "cook", minutes: "9", label: "the pot"]
    visit("/cook").then { expect(text_of(".dishes li a").length).to eq 2 }
    visit("/dishes/#{second}/cook")
    expect(text_of("#clocks").first).to match(/9:00 Caraway cream: the pot/)
    send_form("/dishes/#{second}/put-away")
    expect([visit("/cook").headers["location"], visit("/dishes/#{second}/cook").headers["location"]]).to match(
      [end_with("/dishes/#{id}/cook"), end_with("/cook")]
    )
  end

  it "a clock that runs stands in every room, and is read as a cook types it" do
    id = start[self]
    act[self, id, "timer:own", room: "cook", minutes: "1:30", label: "the pot"]
    %w[/swap /cupboard /notebook /table].each do |path|
      visit(path).then { expect(text_of(".clock-bar a").first).to match(/1:30 Caraway cream/), path }
    end
    act[self, id, "timer:own", room: "cook", minutes: "soon", label: "x"]
    expect(text_of(".problem").first).to match(/'soon'; type minutes such as 12, or 1:30, 90 s, 2 h/)
  end

  it "ask what is seen only where there is something to see" do
    id = start[self]
    steps = state[id].steps
    shown =
      steps.each_index.map do |index|
        act[self, id, "step:#{index}", room: "cook"].then { page.at_css("#seen")["hidden"].nil? }
      end
    expect(shown.zip(steps.map(&:kind)).to_h { |seen, kind| [kind, seen] }).to include("set_out" => false).or include(
      "store" => false
    )
    expect(shown).to include(true)
  end

  it "ask which pack it is, and say what the wrong one does" do
    id = start[self]
    act[self, id, "tap"]
    act[self, id, "tap"]
    expect(text_of(".problem").first).to match(/first say which pack it is: white and squeaky/)
    act[self, id, "which:no"]
    expect(text_of(".problem").first).to match(
      /do not pour it: that is fine maize flour, and ground maize hardly thickens/
    )
  end

  it "take what is near enough, keep asking for what is too little" do
    id = start[self]
    act[self, id, "tap"]
    act[self, id, "which:yes"]
    wanted = state[id].wanted(state[id].current)
    act[self, id, "weigh", grams: (wanted / 2).round(1)]
    expect(text_of(".problem").first).to match(/too little/)
    act[self, id, "weigh", grams: (wanted + 0.3).round(1)]
    expect(text_of(".weigh-name").first).to match(/whole milk/)
  end

  it "rebalance what was poured too much of, or have it taken out" do
    id = start[self]
    act[self, id, "weigh", grams: "60"]
    expect([text_of(".problem").first, text_of(".ways .other-why").first]).to match(
      [/Too much: 40 g were wanted/, /Make 50 % more of everything/]
    )
    act[self, id, "take_out"]
    expect(text_of(".weigh-number").first).to eq "40 g"
    act[self, id, "weigh", grams: "60"]
    act[self, id, "rebalance:scale"]
    expect([state[id].weighed.values, state[id].targets.values.max]).to match([[60.0], be_within(2).of(464 * 1.5)])
  end

  it "let a line be left out, weighed again, or taken first, and say so" do
    id = start[self]
    milk = state[id].plan.items.find { |item| item.key == "whole_milk" }
    act[self, id, "focus:#{milk.id}"]
    expect(text_of(".warning").first).to match(/Before this: butter/)
    act[self, id, "tap", item: milk.id]
    act[self, id, "skip"]
    act[self, id, "unweigh:#{milk.id}"]
    expect([text_of(".weigh-name").first, state[id].skipped.length]).to match([/whole milk/, 1])
  end

  it "tare the scale only when what was on it is written down" do
    id = start[self]
    scale = WebHelpers::SERVICES.counter.scale
    expect(scale).not_to receive(:command)
    act[self, id, "weigh", grams: "60"]
    act[self, id, "take_out"]
    allow(WebHelpers::SERVICES.dishes).to receive(:confirm).and_raise(Sequel::DatabaseError, "away")
    act[self, id, "tap"]
    expect([last_response.status, state[id].weighed]).to eq [503, {}]
    RSpec::Mocks.space.reset_all
    expect(scale).to receive(:command).with("do" => "tare").once
    act[self, id, "tap"]
  end

  it "take nothing more once it is put away" do
    id = start[self]
    send_form("/dishes/#{id}/put-away")
    act[self, id, "tap"]
    expect([text_of(".problem").first, state[id].version]).to match([/no longer on the stove/, 0])
  end

  it "do nothing twice: what another tab confirmed first is shown instead" do
    id = start[self]
    act[self, id, "tap"]
    send_form(
      "/dishes/#{id}/do",
      {"room" => "weigh", "version" => "0", "item" => state[id].plan.items.first.id, "do" => "tap"},
      live
    )
    expect([text_of(".problem").first, state[id].version]).to match([/went on in another tab/, 1])
  end

  it "keep clocks, know what is seen, and move the plan when the sauce boils late" do
    id = start[self]
    act[self, id, "onward", room: "cook"]
    act[self, id, "timer", room: "cook"]
    expect([text_of(".step-clock").first, text_of(".step-items").first]).to match(["3:00", /40 g butter/])
    act[self, id, "saw:seen=thin", room: "cook"]
    expect([text_of(".advice-now").first, text_of(".moved").first]).to match(
      [/maize starch/, /Mending it takes about \d+(\.\d)? min: everything after it is later/]
    )
    if Restauro::Families::Troubles.of("sauce").any? { |trouble| trouble.key == "lumps" }
      act[self, id, "saw:trouble=lumps", room: "cook"]
    end
    boil = state[id].steps.index { |step| step.text.include?("until it boils") }
    act[self, id, "step:#{boil}", room: "cook"]
    TestDatabase.connection[:dish_events].where(dish_id: id, kind: "step").update(at: TestDatabase::CLOCK_START - 1500)
    act[self, id, "onward", room: "cook"]
    expect(text_of(".moved").first).to match(/boiled later than planned: this hob gives about \d+ W/)
  end

  weighed = lambda do |spec|
    WebHelpers::SERVICES.packs.add(
      **Restauro::PackInput.new(
        {"key" => "corn_starch", "grams_left" => "300", "grams_full" => "500", "sold_in" => "eu"}
      ).fields(WebHelpers::SERVICES.facts, WebHelpers::SERVICES.label_reader)
    )
    start[spec].tap { |id| %w[tap which:yes tap].each { |what| act[spec, id, what] } }
  end
  finished = lambda do |spec, id, **more|
    verdict = {"verdict" => "nearly", "texture" => "medium", "change" => "A pinch more caraway"}
    spec.send_form("/dishes/#{id}/finish", verdict.merge(more.transform_keys(&:to_s)))
  end

  it "ask how it was before they end" do
    id = weighed[self]
    send_form("/dishes/#{id}/finish", {"texture" => "medium"})
    expect(text_of(".problem").first).to match(/say how it was/)
  end

  it "end in the notebook with plan against actual, and take what was weighed off the cupboard" do
    id = weighed[self]
    used = state[id].weighed.values.last
    finished[self, id]
    kept = WebHelpers::SERVICES.kept_swaps.list.first
    visit("/notebook/#{kept.id}")
    expect([kept.note, text_of(".made-panel").first]).to match(
      [/nearly right: medium: coats the spoon.\nA pinch more caraway/, /Grams, planned and weighed.*butter.*40/]
    )
    expect(WebHelpers::SERVICES.packs.shelf.grams_left("corn_starch")).to be_within(0.2).of(300 - used)
  end

  it "keep a photo as a small picture of its own" do
    id = weighed[self]
    Tempfile.create(%w[dish .png]) do |file|
      file.binmode
      file.write(File.binread(File.join(Restauro::ROOT, "docs", "screenshots", "swap-phone.png")))
      file.flush
      finished[self, id, photo: Rack::Test::UploadedFile.new(file.path, "image/png")]
    end
    visit("/dishes/#{id}/photo.jpg")
    expect([last_response.content_type, last_response.body.b[0, 3]]).to eq ["image/jpeg", "\xFF\xD8\xFF".b]
  end

  it "end once" do
    id = weighed[self]
    finished[self, id]
    finished[self, id]
    kept = WebHelpers::SERVICES.kept_swaps.list.first
    expect([text_of(".problem").first, visit("/dishes/#{id}/cook").headers["location"]]).to match(
      [/in the notebook already/, end_with("/notebook/#{kept.id}")]
    )
  end

  it "refuse a photo that is none" do
    id = start[self]
    Tempfile.create(%w[dish .jpg]) do |file|
      file.write("<script>alert(1)</script>")
      file.flush
      send_form(
        "/dishes/#{id}/finish",
        {
          "verdict" => "right",
          "texture" => "medium",
          "photo" => Rack::Test::UploadedFile.new(file.path, "image/jpeg")
        }
      )
    end
    expect([text_of(".problem").first, WebHelpers::SERVICES.kept_swaps.list]).to match(
      [/a photo is a JPEG, PNG or WebP/, []]
    )
  end

  {
    "dance" => /no doing/,
    "pause" => nil,
    "rebalance:scale" => /nothing on the scale/,
    "timer:own" => /minutes such as 12/,
    "probe:yes" => /no probe answers/,
    "step:x" => /which step/
  }.each do |what, words|
    it("answer '#{what}' with #{words ? "what is wrong" : "nothing"}") do
      start[self].then do |id|
        act[self, id, what, room: "cook"] && expect(text_of(".problem").first.to_s).to(words ? match(words) : eq(""))
      end
    end
  end

  it("find nothing at odd addresses") do
    expect(%w[/dishes/0/weigh /dishes/x/cook /dishes/1/photo.jpg].map { |path| visit(path).status }).to eq [404] * 3
  end
  it("say that nothing is being made") do
    visit("/cook").then { expect(text_of("h1").first).to eq "Nothing is being made" }
  end

  it "start from the notebook too" do
    send_form("/notebook", swap_fields(**sauce).merge("keep" => "new"))
    send_form("/dishes", {"from" => "notebook", "kept_id" => WebHelpers::SERVICES.kept_swaps.list.first.id.to_s})
    expect(last_response.headers["location"]).to match(%r{/dishes/\d+/weigh})
  end

  describe "cards" do
    it "print one page whatever the dish, with a code back" do
      send_form(
        "/swap",
        swap_fields(
          recipe: "Nettle-and-ricotta filled pasta\n260 g flour\n3 eggs\n\nFilling:\n280 g ricotta\n150 g nettles",
          school: "roux"
        )
      )
      visit("/card.pdf")
      expect([last_response.content_type, last_response.body.scan(%r{/Type /Page\b}).length]).to eq [
        "application/pdf",
        1
      ]
    end

    it "print Letter too, fractions and letters of any Latin script, what must be read first on the first page" do
      paper =
        Restauro::Documents::Card.new(
          {
            title: "Żurek čili crème brûlée",
            thickeners: [],
            parts: [],
            rows: [],
            costs: {},
            said: {},
            warnings: [{text: "beer: holds gluten ½ ⅓ 1/2 cup"}],
            method: Array.new(120) { {text: "Whisk it well and look at it again.", minutes: 1} }
          },
          "http://127.0.0.1/",
          paper: "letter"
        )
      pdf = paper.render
      expect([pdf.scan(%r{/Type /Page\b}).length, pdf.include?("612")]).to match([be > 1, true])
      shown = nil
      Restauro::Documents::Paper.document("x") do |page|
        shown = Restauro::Documents::Paper.plain(page, "Żurek łyżka ğ ő 1 1/2 cups ⅓ 1/8 − 日")
      end
      expect(shown).to eq "Żurek łyżka ğ ő 1½ cups 1/3 1/8 – ?"
    end

    it "are Markdown and a table as well" do
      send_form(
        "/swap",
        swap_fields(
          recipe: "Pie\nPastry: 240 g flour, 120 g butter, 55 ml water\nSauce: 45 g butter, 30 g flour, 450 ml milk"
        )
      )
      visit("/card.md").then do |page|
        expect(page.body).to include("# Pie (gluten-free swap)", "### Pastry", "### Sauce")
      end
      visit("/card.csv").then { |page| expect(CSV.parse(page.body, headers: true)["part"].uniq).to eq %w[Pastry Sauce] }
    end

    it "read back from JSON-LD as the same swap" do
      send_form(
        "/swap",
        swap_fields(
          recipe: "Caraway cream\n4 tbsp flour\n40 g butter\n450 ml milk",
          school: "slurry",
          with: "potato_starch",
          grade: "thick"
        )
      )
      before = text_of(visit("/swap") && ".big").first
      visit("/card.json")
      card = last_response.body
      expect(JSON.parse(card).values_at("@context", "@type", "recipeIngredient")).to match(
        ["https://schema.org", "Recipe", include(/potato starch/)]
      )
      send_form("/swap/new", "units" => "metric")
      send_form("/swap/recipe", "recipe" => card)
      visit("/swap")
      expect([text_of(".big").first, page.at_css("select[name=with] option[selected]")["value"]]).to eq [
        before,
        "potato_starch"
      ]
    end

    it("are plain text too") do
      send_form("/swap", swap_fields(**sauce)).then do
        visit("/card.txt") && expect(last_response.body).to(match(/Caraway cream \(gluten-free swap\)/))
      end
    end
  end
end
