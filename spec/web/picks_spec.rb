RSpec.describe "Choices picked where they matter", :web do
  schnitzels =
    "Celeriac schnitzels\n8 slices celeriac, 10 mm\n5 tbsp plain flour\n2 eggs\n140 g breadcrumbs\nFry in oil at 175C"
  tart =
    "Leek custard tart\nPastry\n210 g flour\n115 g butter\n1 egg yolk\n40 ml water\nFilling\n350 g leeks\n3 " \
"eggs\n200 ml cream\nBake at 190C in a 24 cm round tin for 35 minutes"
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  buttons = ->(page) do
    page.css("button[name=pick]").to_h { |button| [button.text.strip, URI.decode_www_form(button["value"]).to_h] }
  end
  now = ->(spec, key) { spec.text_of("#pick-#{key}-now").first }

  it "are filled in from the recipe and marked so" do
    send_form("/swap", swap_fields(recipe: tart), live)
    expect([now[self, "oven"], now[self, "pan"]]).to match(
      [/190 °C\s+from the recipe/, /24 cm round\s+from the recipe/]
    )
    send_form("/swap", swap_fields(recipe: schnitzels), live)
    expect([now[self, "heat"], now[self, "piece"]]).to match(
      [/175 °C\s+from the recipe/, /celeriac slice, 10 mm\s+from the recipe/]
    )
  end

  it "say of pancakes that they lie in a film of fat, and swim in none" do
    pancakes = "Pancakes\n1 1/2 cups flour\n1 1/4 cups milk\n1 egg\n2 tsp baking powder\nFry 2 minutes a side."
    send_form("/swap", swap_fields(recipe: pancakes), live)
    expect(now[self, "heat"]).to match(/\Aa hot pan, a film of fat\z/)
  end

  it "ask of pancakes for no piece, no tin and no picture of one" do
    send_form("/swap", swap_fields(recipe: "Pancakes\n200 g flour\n250 ml milk\n2 eggs\nFry 2 minutes a side."), live)
    shown = page.css(".pick").reject { |pick| pick.key?("hidden") }.map { |pick| pick["id"] }
    expect(shown).to include("pick-flour", "pick-heat").and(satisfy { |all| !all.intersect?(%w[pick-piece pick-tin]) })
    expect(text_of("#picture").join).not_to match(/How it cooks/)
  end

  it "ask of a batter that goes around something for the piece, of muffins for the tin" do
    muffins = "Muffins\n200 g flour\n200 ml milk\n2 eggs\n60 g butter\n2 tsp baking powder\nBake 20 minutes at 190C."
    asked = [muffins, "Battered fish\n4 cod fillets\n200 g flour\n300 ml beer\nDeep fry at 180C."].map do |recipe|
      send_form("/swap", swap_fields(recipe: recipe), live)
      %w[piece tin].select { |key| page.at_css("#pick-#{key}")&.then { |pick| !pick.key?("hidden") } }
    end
    expect(asked).to eq [%w[tin], %w[piece]]
  end

  it "come down to what it is where the recipe is refused, with no picture beside it" do
    send_form("/swap", swap_fields(recipe: "Shortbread biscuits\n250 g plain flour\n125 g sugar\n200 g butter"), live)
    shown = page.css(".pick").reject { |pick| pick.key?("hidden") }.map { |pick| pick["id"] }
    expect([shown, now[self, "kind"], text_of("#picture").join.strip]).to eq [["pick-kind"], "not told", ""]
  end

  it "are set by a tap, and the mark goes" do
    send_form("/swap", swap_fields(recipe: tart).merge("pick" => "oven=200C fan"), live)
    expect([now[self, "oven"], page.at_css("#pick-oven button[aria-pressed=true]").text]).to eq [
      "200 °C with the fan",
      "200°"
    ]
    expect(buttons[page]["gas"]).to eq("oven" => "gas 7")
  end

  it "every button of an oven, a pan and a piece is understood by the form it is on" do
    [tart, schnitzels].each do |recipe|
      send_form("/swap", swap_fields(recipe: recipe), live)
      page
        .css(".pick button[name=pick]")
        .map { |button| button["value"] }
        .uniq
        .each do |value|
          send_form("/swap", swap_fields(recipe: recipe).merge("pick" => value), live)
          problem = text_of("#answer [role=alert]").first.to_s
          expect(problem).not_to match(/not understood|is such as|type such as/), "#{value}: #{problem}"
        end
    end
  end

  it "take a happening from its three fields, and out again" do
    sauce = "30 g flour\n30 g butter\n500 ml milk"
    send_form(
      "/swap",
      swap_fields(recipe: sauce).merge(
        "happen" => {
          "at" => "9",
          "do" => "add",
          "add" => "50 g dry wine",
          "go" => "1"
        }
      ),
      live
    )
    expect(text_of(".happen-line").first).to match(/at 9 min add 50 g dry wine/)
    expect(page.at_css("input[name=happens]")["value"]).to eq "at 9 min add 50 g dry wine"
    out = page.at_css(".happen-line button")["value"]
    send_form("/swap", swap_fields(recipe: sauce, happens: "at 9 min add 50 g dry wine").merge("pick" => out), live)
    expect(text_of(".happen-line")).to eq []
  end

  it "never set what no button sets" do
    send_form(
      "/swap",
      swap_fields(recipe: "30 g flour\n500 ml milk").merge("pick" => "recipe=gone&note=x&no_such=1&%zz"),
      live
    )
    expect(text_of("#recipe-text").first).to include("30 g flour")
  end

  describe "who eats" do
    before { WebHelpers::SERVICES.household.add_eater(name: "Ottilie", diets: ["dairy"]) }

    milk = "30 g flour\n30 g butter\n500 ml milk"

    it "is asked where a rule would change the dish, and answered in one tap" do
      send_form("/swap", swap_fields(recipe: milk), live)
      expect(text_of(".ask-who button").length).to eq 3
      send_form("/swap", swap_fields(recipe: milk).merge("pick" => "eaters=all"), live)
      expect([text_of(".ask-who"), now[self, "who"]]).to eq [[], "Ottilie"]
    end

    it "is not asked where none does, nor again once nobody's rules are to count" do
      send_form("/swap", swap_fields(recipe: "30 g flour\n500 ml stock\n30 g lard"), live)
      expect(text_of(".ask-who")).to eq []
      send_form("/swap", swap_fields(recipe: milk).merge("pick" => "eaters=none"), live)
      expect([text_of(".ask-who"), page.at_css("input[name='eaters[]']")["value"]]).to eq [[], "none"]
    end
  end
end
