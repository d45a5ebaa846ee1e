RSpec.describe "Gnocchi and pasta in the browser" do
  parcels = "Nettle-and-ricotta filled pasta\n320 g flour\n3 eggs\n\nFilling:\n260 g ricotta\n120 g nettles"
  gnocchi = "Chive and potato gnocchi\n900 g potatoes\n210 g flour\n1 egg\n2 tbsp chives"

  it "a pasted pasta is shaped, another school taken, the sheet redrawn" do
    visit "/swap"
    fill_recipe(parcels)
    expect(page).to have_css(".layout-picture").and have_css(".boil-picture").and have_css(".ladder")
    expect(page).to accessible
    in_pick("shape") { fill_in "cutter", with: "80" }
    expect(page).to have_css(".steps", text: "80 mm rounds")
    in_pick("shape") { choose "ribbons", allow_label_click: true }
    expect(page).to have_css(".steps", text: "mm ribbons")
    first(".other", text: "psyllium").click
    expect(page).to have_css(".answer .big", text: "psyllium")
    expect(find("select[name=bind]", visible: :all).value).to eq "psyllium"
  end

  it "gnocchi are weighed, tried and rescued" do
    visit "/swap"
    fill_recipe(gnocchi)
    expect(page).to have_css("#pick-potatoes")
    before = big
    in_pick("potatoes") do
      fill_in "raw_g", with: "900"
      fill_in "cooked_g", with: "700"
    end
    expect(page).to have_no_css(".answer .big", exact_text: before)
    expect(page).to accessible
    click_link "It came out otherwise"
    select "it falls apart in the pot", from: "trouble"
    expect(page).to have_css(".move", text: "for the whole dough")
    expect(page).to accessible
  end

  it "fits a phone", size: :phone do
    visit "/swap"
    fill_recipe(parcels)
    expect(page).to have_css(".layout-picture")
    expect(sideways?).to be false
  end
end
