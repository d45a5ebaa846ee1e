RSpec.describe "The front door" do
  services = -> { WebHelpers::SERVICES }

  it "says what it is for, and where to paste, before anything else" do
    visit("/")
    expect([text_of("h1").first, page.css("main textarea").length, page.css("main form").first["action"]]).to match(
      [/Paste the recipe/, 1, "/swap"]
    )
    expect(page.at_css("main").css("a, button, input:not([type=hidden]), textarea").first["name"]).to eq "recipe"
  end

  it "goes from what was pasted to its answer, for nobody's rules but those ticked" do
    services.call.household.add_eater(name: "Bram", diets: ["egg"])
    visit("/")
    expect(page.css("input[name='eaters[]'][checked]").length).to eq 0
    send_form("/swap", {"recipe" => "Schnitzels\n4 slices celeriac, 10 mm\n40 g flour\n2 eggs\n90 g breadcrumbs"})
    expect(last_response.headers["location"]).to match(%r{/swap\z})
    visit("/swap")
    expect(text_of(".ours").join).to include("egg")
  end

  it "has a dish to start from for every family, and each is answered" do
    visit("/")
    starts = page.css("button[name=start]").map { |button| button["value"] }
    families =
      starts.map do |start|
        send_form("/start", {"start" => start})
        expect(last_response.status).to eq 303
        visit("/swap")
        expect(page.css("#answer [role=alert]").length).to eq(0), start
        page.at_css("[name=family]") && text_of("#answer").first
      end
    expect(families).to all(match(/\d g|boil it down/))
  end

  it("knows no other start") { expect(send_form("/start", {"start" => "ghost"}).status).to eq 404 }

  describe "one spoon of flour" do
    it("is answered in a line, by each school") do
      visit("/spoon?line=2+tbsp+flour+in+400+ml+milk").then do
        expect(text_of(".spoon-answer")).to match([/in the fat.*\d g/, /stirred cold.*\d g maize starch/])
      end
    end

    # Common substitution tables of extension services (DOMAIN 9): 1 tbsp wheat flour = 1/2 tbsp maize, potato or
    # arrowroot = 2 tsp tapioca = 1 tbsp rice flour, within 25 %.
    it "agrees with the tables of substitution" do
      spoon = Restauro::SpoonPage.new("1 tbsp plain flour", services.call)
      millilitres = ->(key, grams) { grams / services.call.facts.fetch(key).density }
      found =
        spoon.alone.to_h do |words, _|
          words
            .match(/\A([\d.]+) g (.+)\z/)
            .then { |match| [services.call.facts.find { |i| i.say == match[2] }.key, match[1].to_f] }
        end
      {
        "corn_starch" => 7.5,
        "potato_starch" => 7.5,
        "arrowroot" => 7.5,
        "tapioca_starch" => 10,
        "white_rice_flour" => 15
      }.each { |key, ml| expect(millilitres[key, found.fetch(key)]).to(be_within(25).percent_of(ml), key) }
    end

    it("says what to type") do
      visit("/spoon?line=a+walk").then { expect(text_of(".spoon-page .problem").first).to match(/such as/) }
    end
    it("asks before anything is typed") do
      visit("/spoon").then { expect(text_of(".hint").first).to match(/Type the flour/) }
    end
  end

  describe "the demo" do
    it "is cleared with one button and had back with another, and what was written since stays" do
      Restauro::Demo.fill(services.call)
      mine = services.call.household.add_eater(name: "Somebody of mine", diets: [])
      count = -> do
        [services.call.household.eaters.length, services.call.packs.list.length, services.call.kept_swaps.list.length]
      end
      before = count.call
      buttons = -> { visit("/") && page.css("form[action^='/demo/']").map { |form| form["action"] } }
      expect(buttons.call).to eq %w[/demo/clear]
      send_form("/demo/clear")
      left = [count.call, services.call.household.eaters.map(&:id), buttons.call]
      expect(left).to eq [[1, 0, 0], [mine], %w[/demo/back]]
      send_form("/demo/back")
      expect(count.call).to eq before
    end
  end

  describe "undo" do
    it "takes every change back, and makes it again" do
      texts = ["Sauce\n30 g flour\n400 ml milk", "Sauce\n40 g flour\n400 ml milk"]
      texts.each { |text| send_form("/swap", swap_fields(recipe: text)) }
      now = -> do
        visit("/swap") &&
          [text_of("#recipe-text").first, page.css("#turns button").map { |button| button["disabled"].nil? }]
      end
      last = now.call
      send_form("/swap/undo")
      expect([last.first, now.call.first]).to match([/40 g flour/, /30 g flour/])
      again = Array.new(2) { send_form("/swap/redo") && now.call }
      expect(again).to eq [last, last]
    end
  end
end
