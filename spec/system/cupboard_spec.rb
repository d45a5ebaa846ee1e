RSpec.describe "The Cupboard in the browser" do
  it "a pack is added, its label read, and a swap offers it first" do
    visit "/cupboard"
    click_link "Add a pack"
    select "sorghum flour", from: "key"
    fill_in "grams_left", with: "400"
    fill_in "label_text", with: "Sorghum flour. May contain wheat."
    expect(page).to accessible
    click_button "Put it in the cupboard"
    expect(page).to have_css(".pack", text: "may hold gluten")
    expect(page).to accessible
    open_cream
    find(".other", text: "in the cupboard").click
    expect(page).to have_css(".answer .big", text: "sorghum flour").and have_css(
      ".warning",
            text: "label says it may hold gluten"
    )
  end

  it "a label is marked as it is typed" do
    visit "/cupboard/label"
    fill_in "label_text", with: "Maize, sugar, barley malt"
    expect(page).to have_css(".finding", text: "Holds gluten").and have_css("mark.mark-contains", text: "barley malt")
    expect(page).to accessible
  end

  it "measures are translated as they are typed" do
    visit "/cupboard/measures"
    fill_in "text", with: "2 cups sorghum flour"
    expect(page).to have_css(".measure-big", text: "242 g")
    expect(page).to accessible
  end

  it "what is typed while the page is still loading counts" do
    typed = "document.querySelector('[name=text]').value = '2 cups sorghum flour'"
    early =
      "document.addEventListener('readystatechange', () => { if (document.readyState === 'interactive') #{typed} })"
    chromium = page.driver.browser
    script = chromium.execute_cdp("Page.addScriptToEvaluateOnNewDocument", source: early)
    visit "/cupboard/measures"
    expect(page).to have_css(".measure-big", text: "242 g")
  ensure
    chromium.execute_cdp("Page.removeScriptToEvaluateOnNewDocument", **script.transform_keys(&:to_sym))
  end

  it "a blend is designed" do
    visit "/cupboard/blend"
    ["white rice flour", "sorghum flour", "maize starch"].each { |name| check name, allow_label_click: true }
    click_button "Work it out"
    expect(page).to have_css(".blend-parts li", minimum: 2)
    expect(page).to accessible
  end

  it "an eater's rule changes the sauce on the page" do
    visit "/cupboard/eaters"
    fill_in "name", with: "Bram"
    check "no dairy", allow_label_click: true
    click_button "Add to the table"
    expect(page).to have_css(".eater", text: "no dairy")
    expect(page).to accessible
    open_cream
    click_button "Bram"
    expect(page).to have_no_css(".ask-who")
    expect(page).to have_css(".ours .line-name", text: "soya drink")
    in_pick("who") { uncheck "Bram (no dairy)", allow_label_click: true }
    expect(page).to have_css(".ours .line-name", text: "whole milk")
    expect(page).to accessible
  end

  %w[
    /cupboard
    /cupboard/packs/new
    /cupboard/label
    /cupboard/measures
    /cupboard/blend
    /cupboard/eaters
    /cupboard/house
  ].each { |path| it("#{path} fits a phone", size: :phone) { visit(path).then { expect(sideways?).to be(false) } } }

  it "works with scripts off", scripts: false do
    visit "/cupboard/label"
    fill_in "label_text", with: "rye"
    click_button "Read it"
    expect(page).to have_css(".finding", text: "Holds gluten")
  end
end
