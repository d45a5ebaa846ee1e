RSpec.describe "Swapping a sauce in the browser" do
  recipe = "Chive cream\n3 tbsp flour\n40 g butter\n500 ml milk\n2 cups wobble\nsalt to taste"

  it "paste, put a line right, move the target by keyboard, keep, reopen" do
    open_cream
    fill_recipe(recipe)
    expect(page).to have_css(".dish-title", text: "Chive cream").and have_css(".unread")
    expect(page).to accessible

    find(".row-unread .wheat").click
    select "stock", from: "fix[ingredient]"
    fill_in "fix[grams]", with: "200"
    click_button "Done"
    expect(page).to have_css(".line-name", text: "stock").and have_no_css(".unread")

    before = big
    handle = find("#target-handle")
    handle.send_keys(:page_up)
    expect(page).to have_css("#target-handle[aria-valuetext*='medium']")
    expect(page).to have_no_css(".answer .big", text: before, normalize_ws: true)
    expect(evaluate_script("document.activeElement.id")).to eq "target-handle"

    fill_in "Note", with: "line stays on the plate"
    click_button "Keep it"
    expect(page).to have_css("h1", text: "Chive cream", visible: :all)
    click_button "Open in Swap"
    expect(page).to have_field("Note", with: "line stays on the plate").and have_css(".line-name", text: "stock")
    click_link "Notebook"
    expect(page).to have_css(".entry-note", text: "line stays")
    expect(page).to accessible
  end

  it "pulls the target line with the pointer" do
    open_cream
    spoons = -> { evaluate_script("document.getElementById('target-handle').getAttribute('aria-valuenow')").to_f }
    before = spoons.call
    page
      .driver
      .browser
      .action
      .move_to(find(".grip", visible: :all).native)
      .click_and_hold
      .move_by(0, -40)
      .release
      .perform
    expect(page).to have_checked_field("set by the spoon", visible: :all)
    expect(spoons.call).to be > before + 0.3
  end

  it "keeps a half-typed recipe over a reload" do
    open_cream
    fill_recipe("2 cups milk\n3 tbsp fl")
    expect(page).to have_css(".problem")
    visit "/swap"
    expect(find("#recipe-text", visible: :all).value).to eq "2 cups milk\n3 tbsp fl"
  end

  it "chooses another thickener from the list of others" do
    open_cream
    find(".other", text: "potato starch").click
    expect(page).to have_css(".answer .big", text: "potato starch")
    expect(find("select[name=with]", visible: :all).value).to eq "potato_starch"
  end

  it "copies the whole recipe" do
    open_cream
    page.driver.browser.execute_cdp(
      "Browser.grantPermissions",
      permissions: %w[clipboardReadWrite clipboardSanitizedWrite]
    )
    click_button "Copy the recipe"
    expect(page).to have_css(".copied", text: "Copied")
    expect(evaluate_async_script("navigator.clipboard.readText().then(arguments[0])")).to include(
      "maize starch"
    ).and include("Method:")
  end

  it "reads a file dropped on the box" do
    open_cream
    open_paste
    json =
      JSON.generate(
        Restauro::Recipes::JsonLd.write(
          name: "Chive cream",
          ingredients: ["2 cups milk", "3 tbsp flour"],
          steps: ["Boil."]
        )
      )
    execute_script(
      "const files = new DataTransfer(); files.items.add(new File([arguments[0]], 'r.json'));" \
        "document.getElementById('recipe-text').dispatchEvent(new DragEvent('drop', {dataTransfer: files, bubbles: " \
"true, cancelable: true}))",
      json
    )
    expect(page).to have_css(".dish-title", text: "Chive cream").and have_css(".line-sub", text: "3 tbsp flour")
  end

  it "says so when the server is gone, and loses nothing" do
    open_cream
    page.driver.browser.network_conditions = {offline: true, latency: 0, throughput: 0}
    fill_recipe("2 cups milk\n1 tbsp flour")
    expect(page).to have_css(".problem", text: "What you typed stays here")
    page.driver.browser.delete_network_conditions
    find("#recipe-text").send_keys("\n1 tbsp butter")
    expect(page).to have_css(".line-name", text: "butter")
    console # the failed request is known
  end

  it "fits a phone", size: :phone do
    open_cream
    expect(sideways?).to be false
    expect(page).to accessible
    small =
      evaluate_script(
        "[...document.querySelectorAll('button:not([aria-hidden]), select, summary, nav a')].filter(e => " \
"e.offsetHeight && e.offsetHeight < 40).map(e => e.textContent)"
      )
    expect(small).to eq []
  end

  it("fits a tablet", size: :tablet) { visit("/swap").then { expect(sideways?).to be false } }

  it "works with scripts off", scripts: false do
    open_cream
    in_pick("way") { choose "Slurry", allow_label_click: true }
    first(:button, "Work it out", minimum: 1).click
    expect(page).to have_css(".how", text: /poured in at the boil/i)
    find("#open-2").click
    expect(page).to have_button("Done")
    first(:button, "Keep it", minimum: 1).click
    expect(page).to have_button("Open in Swap")
    click_link "Delete…"
    click_button "Delete it"
    expect(page).to have_css(".problem", text: "Nothing is kept yet")
  end
end
