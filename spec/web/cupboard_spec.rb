RSpec.describe "The Cupboard pages" do
  services = -> { WebHelpers::SERVICES }
  pack = {
    "key" => "sorghum_flour",
    "grams_left" => "40",
    "grams_full" => "500",
    "price" => "3,50",
    "opened_on" => "2026-10-20",
    "sold_in" => "eu",
    "label_text" => "Sorghum flour. May contain wheat.",
    "note" => "<i>old</i>"
  }

  it "keep a pack, its label read, and show it escaped" do
    expect(send_form("/cupboard/packs", pack).status).to eq 303
    kept = services.call.packs.list.first
    expect([kept.pack.key, kept.pack.price, kept.pack.finding, kept.pack.opened_on.to_s]).to eq [
      "sorghum_flour",
      3.5,
      "may_contain",
      "2026-10-20"
    ]
    visit("/cupboard")
    expect([text_of(".pack-name"), last_response.body]).to match([["sorghum flour"], include("&lt;i&gt;old&lt;/i&gt;")])
  end

  many = lambda do
    keys = services.call.facts.select(&:starchy?).map(&:key)
    130.times do |index|
      services.call.packs.add(key: keys[index % keys.length], grams_left: 10, grams_full: 100, note: "row #{index}")
    end
  end

  it "list hundreds of packs by the page" do
    many.call
    visit("/cupboard")
    expect([page.css(".pack").length, text_of("a.button").join(" "), last_response.body.bytesize]).to match(
      [60, /More of them/, be < 150_000]
    )
    visit("/cupboard?page=3")
    expect([page.css(".pack").length, text_of("a.button").join(" ")]).to match([10, /Those before(?!.*More)/])
  end

  it "find a pack among hundreds by a word of its name or note" do
    many.call
    visit("/cupboard?q=ROW+12")
    expect(page.css(".pack").length).to eq 11
    visit("/cupboard?q=%3Cnothing%3E")
    expect(text_of(".problem").first).to include("“<nothing>”")
  end

  it "change, use up and throw out a pack" do
    send_form("/cupboard/packs", pack)
    id = services.call.packs.list.first.pack.id
    send_form("/cupboard/packs/#{id}", pack.merge("grams_left" => "12.5"))
    expect(services.call.packs.fetch(id).pack.grams_left).to eq 12.5
    send_form("/cupboard/packs/#{id}/delete")
    expect(services.call.packs.list).to be_empty
  end

  {
    {"grams_left" => "a lot"} => /grams left.*a lot/,
    {"key" => "moondust"} => /moondust/,
    {"opened_on" => "yesterday"} => /opened on/,
    {"sold_in" => "mars"} => /sold/,
    {"key" => "own", "name" => "plantain flour"} => /protein/,
    {
      "key" => "own",
      "name" => "x",
      "protein" => "80",
      "fat" => "40",
      "fibre" => "1",
      "carbohydrate" => "1",
      "cup_g" => "120"
    } =>
      /122/
  }.each do |change, words|
    it "say what is wrong with #{change} and keep what was typed" do
      send_form("/cupboard/packs", pack.merge(change))
      expect(
        [
          last_response.status,
          text_of(".problem").first,
          page.at_css("input[name=note]")["value"],
          services.call.packs.list
        ]
      ).to match([422, words, "<i>old</i>", []])
    end
  end

  it "take a flour by its label figures into a swap" do
    send_form(
      "/cupboard/packs",
      pack.merge(
        "key" => "own",
        "name" => "plantain flour",
        "protein" => "3",
        "fat" => "1",
        "fibre" => "6",
        "carbohydrate" => "78",
        "sugar" => "6",
        "cup_g" => "130"
      )
    )
    key = services.call.packs.list.first.pack.key
    send_form("/swap", swap_fields(with: key), {"HTTP_X_RESTAURO_LIVE" => "1"})
    expect([text_of(".big").first, text_of(".warnings").first]).to match(
      [/plantain flour/, /only 40 g plantain flour is left.*may hold gluten/]
    )
  end

  it "offer what is in the cupboard first, with what it costs" do
    send_form("/cupboard/packs", pack.merge("label_text" => "Sorghum flour."))
    send_form("/start", {"start" => "cream"})
    visit("/swap")
    expect([text_of(".other").first, text_of("select[name=with] optgroup[label='In the cupboard'] option")]).to match(
      [/sorghum flour in the cupboard, but too little, € 0.\d\d/, [/sorghum flour, 40 g/]]
    )
  end

  it "say what of a whole dish has a price" do
    send_form("/cupboard/packs", pack.merge("label_text" => "Sorghum flour."))
    send_form("/swap", swap_fields(with: "sorghum_flour"), {"HTTP_X_RESTAURO_LIVE" => "1"})
    expect(text_of("#answer").first).to match(/0\.\d\d for what has a price in the cupboard \(1 of \d things\)/)
  end

  it "take the amounts off when a cook is noted, both or neither" do
    send_form("/cupboard/packs", pack.merge("grams_left" => "400"))
    send_form("/notebook", swap_fields(with: "sorghum_flour").merge("keep" => "new"))
    id = services.call.kept_swaps.list.first.id
    needed = services.call.kept_swaps.fetch(id).snapshot["needs"]["sorghum_flour"]
    send_form("/notebook/#{id}/cooked")
    expect(services.call.packs.list.first.pack.grams_left).to be_within(1e-6).of(400 - needed)
    visit("/notebook/#{id}")
    expect(text_of(".hint").join).to match(/Cooked .* took \d+ g sorghum flour/)
  end

  it "keep who eats, and keep every swap to it" do
    send_form("/cupboard/eaters", {"name" => "Ottilie", "diets" => ["", "dairy"]})
    eater = services.call.household.eaters.last.id.to_s
    send_form("/swap", swap_fields.merge("eaters" => ["", eater]), {"HTTP_X_RESTAURO_LIVE" => "1"})
    expect([text_of(".diet h2").first, text_of(".ours .line-name")]).to match(
      [/Ottilie: no dairy/, include("soya drink").and(satisfy { |names| !names.include?("whole milk") })]
    )
    send_form("/swap", swap_fields.merge("eaters" => [""]), {"HTTP_X_RESTAURO_LIVE" => "1"})
    expect(text_of(".ours .line-name")).to include("whole milk")
  end

  it "read a label, mark its words and put it on a pack" do
    send_form("/cupboard/packs", pack.merge("label_text" => ""))
    send_form("/cupboard/label", {"label_text" => "Sorghum <b>, barley malt", "sold_in" => "us"})
    expect(
      [text_of(".finding").first, text_of("mark.mark-contains").first, last_response.body.include?("<b>,")]
    ).to match(["Holds gluten", /barley malt/, false])
    id = services.call.packs.list.first.pack.id
    send_form("/cupboard/label/keep", {"label_text" => "Sorghum, barley malt", "sold_in" => "us", "pack" => id.to_s})
    expect(services.call.packs.fetch(id).pack.finding).to eq "contains"
  end

  it "translate measures, ovens and pans, with the drawer's own tools" do
    send_form("/cupboard/drawer", {"tools" => ["1/4 cup", "nonsense"]})
    send_form(
      "/cupboard/measures",
      {"text" => "1 cup milk\n350F\n9x13 in into 23 cm round\n1/0 cup milk", "from" => "us", "into" => "us"}
    )
    expect(text_of(".measures li")).to match(
      [/244 g milk|244 g whole milk · 1 cup/, /177 °C/, /0.55 times/, /divides by zero/]
    )
  end

  fields = {"from" => %w[white_rice_flour sorghum_flour corn_starch], "for" => "sauce", "grams" => "300"}
  fill = lambda do |spec|
    fields["from"].each { |key| spec.send_form("/cupboard/packs", pack.merge("key" => key, "grams_left" => "400")) }
  end

  it "design a blend, and keep none that there is no flour for" do
    send_form("/cupboard/blend/keep", fields.merge("name" => "boat blend"))
    expect([text_of(".problem").first, text_of(".blend-parts li").length.positive?, services.call.packs.list]).to match(
      [/0 g is in the cupboard/, true, []]
    )
    fill[self]
    send_form("/cupboard/blend", fields)
    expect([text_of(".blend-parts li").join, text_of(".blend-picture text").join(" ")]).to match(
      [/white rice flour.*|sorghum/, /strength/]
    )
  end

  it "put a blend in the cupboard, its flours taken off, where a swap can use it" do
    fill[self]
    send_form("/cupboard/blend/keep", fields.merge("name" => "boat blend"))
    kept, *packs = services.call.packs.list.partition(&:own).flatten
    expect([kept.pack.ingredient.say, kept.pack.grams_left, kept.pack.ingredient.group, kept.pack.finding]).to eq [
      "boat blend",
      300.0,
      "blend",
      "may_contain"
    ]
    expect(packs.sum { |one| 400 - one.pack.grams_left }).to be_within(1e-6).of(300)
    send_form("/swap", swap_fields(with: kept.pack.key), {"HTTP_X_RESTAURO_LIVE" => "1"})
    expect([text_of(".big").first, text_of(".warnings").first]).to match(
      [/boat blend/, /our boat blend's label says it may hold gluten/]
    )
  end

  it "say what a blend lacks" do
    send_form("/cupboard/blend", {"from" => ["buckwheat_flour"], "for" => "rolled_dough", "grams" => "many"})
    expect(text_of(".problem").first).to match(/whole number/)
  end

  describe "scaling a swap" do
    big = ->(spec) { spec.text_of(".big").first[/\d+/].to_i }
    live = {"HTTP_X_RESTAURO_LIVE" => "1"}

    {
      "2" => 2.0,
      "serves 8" => 2.0,
      "900 ml whole milk" => 2.0,
      "10 cm round to 20 cm round" => 4.0
    }.each do |wish, times|
      it "'#{wish}' makes #{times} times as much" do
        send_form("/swap", swap_fields, live)
        once = big[self]
        send_form("/swap", swap_fields(scale: wish), live)
        expect(big[self]).to be_within(0.06 * once * times + 1).of(once * times)
      end
    end

    it "uses a pack up to the gram" do
      send_form("/cupboard/packs", pack.merge("grams_left" => "120"))
      send_form("/swap", swap_fields(with: "sorghum_flour", scale: "use up sorghum flour"), live)
      expect(big[self]).to be_within(1).of(120)
    end

    it("says what to type") do
      send_form("/swap", swap_fields(scale: "loads"), live).then do
        expect(text_of(".problem").first).to match(/serves 6/)
      end
    end
  end
end
