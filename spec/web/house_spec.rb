RSpec.describe "How this house writes", :web do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  tart =
    "Leek tart\nPastry\n210 g flour\n115 g butter\n40 ml water\nFilling\n350 g leeks\n3 eggs\n200 ml cream\nBake at " \
"190C in a 24 cm round tin"

  it "degrees are read as chosen on every page, and what was typed is left" do
    send_form("/cupboard/house", {"degrees" => "F"})
    send_form("/swap", swap_fields(recipe: tart, oven: "200C"), live)
    expect(text_of("#answer").first).to match(/at 390 °F/)
    expect([page.at_css("#recipe-text").text, page.css("body").text.scan(/.{0,25}\d °C/)]).to match([/190C/, []])
  end

  it "the ticks of an axis keep their place and say the other degrees" do
    expect(
      Restauro::Presenters::Degrees.page(
        "<p>35 min at 190 °C, 63 to 74 °C, 74 °C (165 °F)</p><text class=\"tick degrees\">100</text><textarea>190 " \
"°C</textarea>"
      )
    ).to eq "<p>35 min at 375 °F, 145 to 165 °F, 165 °F</p><text class=\"tick degrees\">212</text><textarea>190 " \
"°C</textarea>"
  end

  it "spoons stand first where a house cooks by the spoon" do
    send_form("/swap", swap_fields(recipe: "30 g flour\n30 g butter\n500 ml milk", with: "corn_starch"), live)
    grams = text_of(".big").first
    send_form("/cupboard/house", {"first" => "spoons"})
    send_form("/swap", swap_fields(recipe: "30 g flour\n30 g butter\n500 ml milk", with: "corn_starch"), live)
    expect([grams, text_of(".big").first]).to match([/\d+ g/, /tbsp.*maize starch/])
    expect(text_of(".spoons").first).to match(/\d g/)
  end

  it "dates and money" do
    WebHelpers::SERVICES.packs.add(key: "corn_starch", grams_left: 400, grams_full: 400, price: 1.2)
    send_form("/cupboard/house", {"currency" => "kr", "dates" => "iso"})
    visit("/cupboard")
    expect(text_of(".pack-left").first).to match(/kr 3\.00 a kilogram/)
  end

  it "what is unknown is as usual" do
    send_form("/cupboard/house", {"degrees" => "K", "currency" => "<b>"})
    expect(WebHelpers::SERVICES.household.preferences.to_h).to eq(
      first: "grams",
      units: "metric",
      degrees: "C",
      currency: "€",
      dates: "day"
    )
  end
end
