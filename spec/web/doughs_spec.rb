RSpec.describe "The pages of gnocchi and pasta" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  parcels = "Nettle-and-ricotta filled pasta\n320 g flour\n3 eggs\n\nFilling:\n260 g ricotta\n120 g nettles"
  gnocchi = "Chive and potato gnocchi\n900 g potatoes\n210 g flour\n1 egg\n2 tbsp chives"
  send_dough = ->(spec, **fields) { spec.send_form("/swap", spec.swap_fields(**fields), live) }

  it "tell filled pasta, say grams and minutes, draw the sheet and the piece" do
    send_dough[self, recipe: parcels]
    expect([text_of(".big").first, text_of(".how").join(" "), page.at_css("#change")["data-live-on"]]).to match(
      [/320 g one-for-one blend/, /\d+ pieces, [\d½]+ min in the pot\. Floating is not done/, /pasta/]
    )
    expect(page.css("svg[role=img]").map { |svg| svg["aria-label"] }.join(" ")).to match(/rounds/).and match(
      /floats at/
    )
    expect(text_of(".steps").first).to match(/Cut 60 mm rounds/)
  end

  it "say how long the lid stays on what is steamed, and draw no pot" do
    steamed = "Steamed nettle dumplings\n320 g flour\n180 ml hot water\n\nFilling:\n260 g ricotta\n120 g nettles\n\n" \
              "Steam for 9 minutes."
    send_dough[self, recipe: steamed]
    expect(text_of(".how").join(" ")).to match(/\d+ pieces, 9 min over steam/)
    expect(page.css("svg[role=img]").map { |svg| svg["aria-label"] }.join(" ")).not_to match(/floats at/)
  end

  it "roll, seal and boil as the cook does" do
    send_dough[self, recipe: parcels, shape: "rolled", thickness: "3", tool: "pin", frozen: "on"]
    expect(text_of(".steps").first).to match(/a 3 mm strip on either side of the pin/).and match(
      /straight from the freezer/
    )
  end

  it "weigh the purée, and say what weighing is worth" do
    send_dough[self, recipe: gnocchi]
    expect(text_of("#answer").first).to match(
      /Weigh the root raw and cooked, and the flour is known to within \d+ g instead of \d+ g/
    )
    send_dough[self, recipe: gnocchi, raw_g: "900", cooked_g: "700"]
    expect([text_of("#answer").first, text_of(".steps").first]).to match(
      [satisfy { |words| !words.include?("Weigh the root") }, /\d+ % water by its weights/]
    )
  end

  it "take another school by its button" do
    send_dough[self, recipe: parcels]
    button = page.css(".other").find { |other| other.text.include?("psyllium") }
    send_dough[self, :recipe => parcels, button["name"] => button["value"]]
    expect(text_of(".big").first).to match(/psyllium/)
  end

  it "say when a diet leaves no sheet, and what would do" do
    send_dough[self, recipe: parcels, bind: "curd", shape: "rolled"]
    expect(text_of(".problem").first).to match(/not for rolled shapes\. What would do/)
  end

  {
    {thickness: "thin"} => /[Tt]hickness, mm: type a number/,
    {shape: "filled", cutter: "900"} => /4? ?0\.5 to 150/,
    {raw_g: "900"} => /both weights/,
    {helpers: "none"} => /hands/
  }.each do |change, words|
    it("say what to type for #{change}") do
      send_dough[self, recipe: parcels, **change].then { expect(text_of(".problem").first).to match(words) }
    end
  end

  it "mend the rest by a test piece" do
    send_form("/swap", swap_fields(recipe: gnocchi))
    send_form("/rescue", {"trouble" => "falls_apart"}, live)
    expect(text_of(".move").join(" ")).to match(/Work in \d+ g .* for the whole dough/)
  end

  it "keep and open as it was" do
    send_form(
      "/notebook",
      swap_fields(recipe: gnocchi, rope: "24", raw_g: "900", cooked_g: "720", hands: "oil").merge("keep" => "new")
    )
    id = WebHelpers::SERVICES.kept_swaps.list.first.id
    visit("/notebook/#{id}")
    expect([page.css(".ladder").length, text_of("main").first]).to match([1, /ropes 24 mm thick/])
    send_form("/notebook/#{id}/open")
    visit("/swap")
    expect(%w[rope raw_g cooked_g].map { |name| page.at_css("input[name=#{name}]")["value"] }).to eq %w[24 900 720]
  end
end

# Every shape has its face and its picture.
RSpec.describe "The pages of every shape of dough" do
  Restauro::Families::Dough::Options::SHAPES.each do |shape|
    recipe =
      (
        if %w[dumpling spooned pushed round].include?(shape)
          "Gnocchi\n900 g potatoes\n220 g flour\n1 egg"
        else
          "Pasta\n300 g flour\n3 eggs"
        end
      )
    it "draw #{shape}" do
      send_form("/swap", swap_fields(recipe: recipe, shape: shape), {"HTTP_X_RESTAURO_LIVE" => "1"})
      expect(
        [last_response.status, page.css(".layout-picture").length, page.at_css("input[name=shape][checked]")["value"]]
      ).to eq [200, 1, shape]
    end
  end
end
