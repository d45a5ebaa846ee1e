RSpec.describe "Batters and crumb coats in the browser" do
  batter = "Corn-fritter batter\n120 g flour\n180 ml milk\n1 egg\n1 tsp baking powder"

  it "a pasted batter turns the page into a batter's, and back" do
    visit "/swap"
    fill_recipe(batter)
    expect(page).to have_css(".ladder").and have_css("#pick-flour").and have_no_css("#pick-thickener")
    expect(page).to have_css("#pick-amount-now", text: "as the recipe").and have_css("#pick-kind-now", text: "a batter")
    in_pick("wetness") { choose "thick coat", allow_label_click: true }
    expect(page).to have_css(".how", text: "clings thickly")
    in_pick("piece") { click_button "stick" }
    expect(page).to have_css("#pick-piece-now", text: "piece stick, 12 mm")
    in_pick("piece") { fill_in "piece", with: "celeriac slice 15 mm" }
    in_pick("heat") { click_button "200°" }
    expect(page).to have_css("#pick-heat-now", text: "200 °C")
    in_pick("piece") { click_button "12 mm" }
    expect(page).to have_css("#pick-piece-now", text: "celeriac slice, 12 mm")
    expect(page).to have_css(".section-picture")
    expect(page).to accessible
    find(".other", text: "chickpea").click
    expect(page).to have_css(".answer .big", text: "chickpea flour")
    fill_recipe("2 cups milk\n3 tbsp flour\n2 tbsp butter")
    expect(page).to have_css(".course-chart").and have_css("#target-handle")
    find("#target-handle").send_keys(:page_up)
    expect(page).to have_checked_field("set by the spoon", visible: :all)
  end

  it "a crumb coat is layered, rescued and kept" do
    visit "/swap"
    fill_recipe(
      "Celeriac schnitzels in a crumb coat\n800 g celeriac, in 12 mm slices\n4 tbsp plain flour\n2 eggs\n150 g " \
"breadcrumbs"
    )
    expect(page).to have_css(".layers")
    expect(page).to accessible
    click_link "It came out otherwise"
    select "the coat slides off", from: "trouble"
    expect(page).to have_css(".trouble", text: "Dry the pieces")
    expect(page).to accessible
  end

  it "fits a phone", size: :phone do
    visit "/swap"
    fill_recipe(batter)
    expect(page).to have_css(".ladder")
    expect(sideways?).to be false
  end
end
