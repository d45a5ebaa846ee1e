RSpec.describe "Crusts in the browser" do
  tart =
    "Leek custard tart\n\nPastry:\n210 g flour\n115 g butter\n1 egg yolk\n40 ml water\n\nFilling:\n350 g leeks\n3 " \
"eggs\n200 ml cream"

  it "a pasted tart is put in its pan, another school taken, rescued" do
    visit "/swap"
    fill_recipe(tart)
    expect(page).to have_css(".crust-bars").and have_css(".bake-picture")
    find("summary", text: "The same in other ovens").click
    expect(page).to have_css(".ovens tbody tr", count: 3)
    in_pick("pan") { within("[aria-label=Centimetres]") { click_button "26" } }
    expect(page).to have_css("#pick-pan-now", text: "26 cm round")
    in_pick("pan") { within("[aria-label=Deep]") { click_button "3 cm" } }
    expect(page).to have_css(".pan-picture").and have_css(".steps", text: "36 cm across")
    expect(page).to accessible
    first(".other", text: "psyllium").click
    expect(page).to have_css(".answer .big", text: "psyllium")
    expect(find("select[name=bind]", visible: :all).value).to eq "psyllium"
    click_link "It came out otherwise"
    select "it cracks when it is rolled or bent", from: "trouble"
    expect(page).to have_css(".move", text: "g water")
    expect(page).to accessible
  end

  it "fits a phone", size: :phone do
    visit "/swap"
    fill_recipe("Rhubarb and orange galette\n215 g flour\n125 g butter\n55 ml water\n520 g rhubarb\n85 g sugar")
    expect(page).to have_css(".bake-picture")
    expect(sideways?).to be false
    expect(page).to accessible
  end
end
